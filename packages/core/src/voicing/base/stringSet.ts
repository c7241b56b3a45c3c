import type { Voicing } from './types';

/** Highest string first in a mask of bits: string 1 is bit 0. */
export const maskOfSet = (set: string): number =>
  [...set].reduce((mask, string) => mask | (1 << (Number(string) - 1)), 0);

/** The strings a voicing lies on, from the highest number down, as `5432`; empty on keys. */
export const stringSetOf = ({ notes }: Voicing): string =>
  notes
    .flatMap(({ string }) => string ?? [])
    .sort((a, b) => b - a)
    .join('');
