import { choose } from '../../base/choose';

/** For each voice of the smaller voicing the position of its partner in the larger, rising. */
export type Partners = readonly number[];

/** By size and places, as one number. */
const knownWays = new Map<number, readonly Partners[]>();
const MOST_PLACES = 100;

/**
 * Every order-keeping way to pair so many voices with so many places: rising positions, the highest
 * first, so that of equal ways the one that leaves the spare voices lowest is found first.
 * @example waysToFit(1, 2) // [[1], [0]]
 */
export function waysToFit(size: number, places: number): readonly Partners[] {
  const key = size * MOST_PLACES + places;
  const known = knownWays.get(key);
  if (known) return known;
  const positions = Array.from({ length: places }, (_, position) => position);
  const ways = choose(positions, size).reverse();
  knownWays.set(key, ways);
  return ways;
}

const knownLeftOut = new WeakMap<Partners, Map<number, readonly number[]>>();

/** The places, out of so many, that a way to fit leaves out. */
export function leftOut(way: Partners, places: number): readonly number[] {
  const known = knownLeftOut.get(way) ?? new Map<number, readonly number[]>();
  knownLeftOut.set(way, known);
  const left =
    known.get(places) ??
    Array.from({ length: places }, (_, place) => place).filter((place) => !way.includes(place));
  known.set(places, left);
  return left;
}

export type MotionKind = 'held' | 'half step' | 'whole step' | 'leap' | 'enters' | 'ends';

/**
 * What the ear calls a motion of so many semitones; anything past a whole step is a leap.
 * @example motionKind(-1) // 'half step'
 */
export function motionKind(semitones: number): MotionKind {
  const size = Math.abs(semitones);
  if (size === 0) return 'held';
  if (size === 1) return 'half step';
  return size === 2 ? 'whole step' : 'leap';
}
