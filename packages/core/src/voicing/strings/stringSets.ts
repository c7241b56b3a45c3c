import { maskOfSet } from '../base/stringSet';
import type { Fretted } from '../base/types';

/** Whether a grip on these strings, counted from 0 at the first of the tuning, may be taken. */
export type OnStrings = (stringIndexes: readonly number[], partial: boolean) => boolean;

export const onAnyStrings: OnStrings = () => true;

/** Inside one of the sets that a player asks for. */
export function insideSets(neck: Fretted, sets: readonly string[]): OnStrings {
  const masks = sets.map(maskOfSet);
  return (stringIndexes) => {
    const mask = maskOf(neck, stringIndexes);
    return masks.some((set) => (mask & ~set) === 0);
  };
}

/** Necks from here on have the strings that the sets of the families are said of. */
const STRINGS_OF_FAMILIES = 6;

/** All of one of a family's own sets; a form that leaves tones out need not take every string of it. */
export function ownSets(neck: Fretted, sets: readonly string[] | undefined): OnStrings | undefined {
  if (!sets || neck.tuning.length < STRINGS_OF_FAMILIES) return undefined;
  const masks = sets.map(maskOfSet);
  return (stringIndexes, partial) => {
    const mask = maskOf(neck, stringIndexes);
    return masks.some((set) => (partial ? (mask & ~set) === 0 : mask === set));
  };
}

const maskOf = ({ tuning }: Fretted, stringIndexes: readonly number[]): number =>
  stringIndexes.reduce((mask, index) => mask | (1 << (tuning.length - index - 1)), 0);
