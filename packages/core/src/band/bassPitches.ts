import type { PitchedChord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass, type PitchClass } from '../base/units';
import { HIGHEST_BASS, LOWEST_BASS } from './data';

/** Every pitch of the instrument. */
export const RANGE = Array.from(
  { length: HIGHEST_BASS - LOWEST_BASS + 1 },
  (_, at) => LOWEST_BASS + at,
);

/** Where a line is at home. */
export const middle = Math.round((LOWEST_BASS + HIGHEST_BASS) / 2);

/** The note a bass plays for a chord: its root, or what stands after the slash. */
export const bassOf = (chord: PitchedChord): PitchClass => pitchClassOf(chord.bass ?? chord.root);

/** The tones of a chord without its colours. */
export const tonesOf = ({ tones }: PitchedChord): PitchClass[] =>
  tones.filter(({ degree }) => !/9|11|13/.test(degree)).map(({ note }) => pitchClassOf(note));

/** The nearest pitch of some classes that is not the one before; of two as near the lower. */
export function nearest(
  classes: readonly PitchClass[],
  from: number,
  before: number | undefined,
): number {
  const inRange = RANGE.filter((pitch) => classes.includes(pitchClass(pitch)));
  const fresh = inRange.filter((pitch) => pitch !== before);
  return (fresh.length ? fresh : inRange).reduce((best, pitch) =>
    Math.abs(pitch - from) < Math.abs(best - from) ? pitch : best,
  );
}

/** A half step from where the line goes, on the side it comes from. */
export function beside(target: number, from: number): number {
  const side = from > target ? 1 : -1;
  const fits = (pitch: number): boolean => pitch >= LOWEST_BASS && pitch !== from;
  return fits(target + side) ? target + side : target - side;
}
