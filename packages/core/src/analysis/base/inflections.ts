import { semitonesOf, type Degree } from '../../chord/degrees';
import type { ChordTone, PitchedChord } from '../../chord/types';
import { pitchClassOf, type NoteName } from '../../pitch/spelling';
import { pitchClass, type PitchClass } from '../../base/units';
import { plainDegree } from '../../chord/scaleDegrees';

/** The number of a degree without its signs: b3 and 3 are one step of the chord, inflected in two ways. */
const stepOf = (degree: Degree): number => {
  const number = degree === 'R' ? 1 : Number(/\d+/.exec(degree)![0]);
  return ((number - 1) % 7) + 1;
};

/** Semitones above the root at which each step of a chord may stand. */
const INFLECTIONS: Readonly<Record<number, readonly number[]>> = {
  1: [11, 0, 1],
  2: [1, 2, 3],
  3: [3, 4],
  4: [5, 6],
  5: [6, 7, 8],
  6: [8, 9],
  7: [9, 10, 11],
};

/**
 * The tones of a chord that some notes contradict: they have its step inflected otherwise, as no tone of the chord is,
 * and not the tone itself. C major pentatonic contradicts the A flat of Fm7 with its A.
 */
export function contradictedBy(
  { root, tones }: PitchedChord,
  notes: readonly NoteName[],
): readonly ChordTone[] {
  const above = new Set<number>(
    notes.map((note) => pitchClass(pitchClassOf(note) - pitchClassOf(root))),
  );
  const own = new Set<number>(tones.map(({ degree }) => semitonesOf(degree)));
  return tones.filter(({ degree }) => {
    if (above.has(semitonesOf(degree))) return false;
    return INFLECTIONS[stepOf(degree)]!.some((other) => above.has(other) && !own.has(other));
  });
}

/** Steps as they stand without a sign: the 9, the 11 and the 13. */
const NATURAL: readonly number[] = [2, 5, 9];

/**
 * The notes that contradict one that is held over a chord and is no tone of it: the same step inflected otherwise, where
 * one of the two has no sign. A b9 leaves the 9 alone and not the #9. Pitch classes, none of them tones of the chord.
 */
export function contradicting({ root, tones }: PitchedChord, midi: number): PitchClass[] {
  const own = tones.map(({ degree }) => degree);
  const first = pitchClassOf(root);
  const height = pitchClass(midi - first) as number;
  const chordHeights = own.map(semitonesOf);
  if (chordHeights.includes(height)) return [];
  return INFLECTIONS[stepOf(plainDegree(own, height))]!.filter(
    (other) => other !== height && !chordHeights.includes(other),
  )
    .filter((other) => NATURAL.includes(other) || NATURAL.includes(height))
    .map((other) => pitchClass(first + other));
}
