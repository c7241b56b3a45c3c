import { LOW_LIMITS } from './data';

/** Two neighbouring voices that lie too low to sound clear. */
export interface MuddyInterval {
  readonly low: number;
  readonly high: number;
  /** The lowest pitch at which the interval is still clear. */
  readonly clearFrom: number;
}

/**
 * Neighbouring voices below the low limit of their interval, bottom first.
 * @param pitches MIDI notes, low to high
 * @example muddyIntervals([40, 44]) // [{ low: 40, high: 44, clearFrom: 46 }]
 */
export function muddyIntervals(pitches: readonly number[]): MuddyInterval[] {
  return pitches.slice(1).flatMap((high, index) => {
    const low = pitches[index]!;
    const clearFrom = LOW_LIMITS[high - low];
    return clearFrom !== undefined && low < clearFrom ? [{ low, high, clearFrom }] : [];
  });
}

/** How far below their limits the neighbouring voices lie, in semitones, all added up. */
export function mud(pitches: readonly number[]): number {
  let sum = 0;
  for (let voice = 1; voice < pitches.length; voice += 1) {
    const low = pitches[voice - 1]!;
    sum += Math.max(0, (LOW_LIMITS[pitches[voice]! - low] ?? 0) - low);
  }
  return sum;
}
