import type { Voicing } from './types';

/** The strings of a set. @example stringsIn('643') // [6, 4, 3] */
export const stringsIn = (set: string): number[] => Array.from(set, Number);

/** A set as players say it. @example setInWords('643') // '6-4-3' */
export const setInWords = (set: string): string => stringsIn(set).join('-');

/** A set as a mask of bits: string 1 is bit 0. */
export const maskOfSet = (set: string): number =>
  stringsIn(set).reduce((mask, string) => mask | (1 << (string - 1)), 0);

/** The strings a voicing lies on, from the highest number down, as `5432`; empty on keys. */
export const stringSetOf = ({ notes }: Voicing): string =>
  notes
    .flatMap(({ string }) => string ?? [])
    .sort((a, b) => b - a)
    .join('');
