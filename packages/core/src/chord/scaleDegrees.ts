import { pitchClass } from '../base/units';
import { semitonesOf, type Degree } from './degrees';
import { scaleSemitones, type ScaleName } from './scales';
import type { PitchedChord } from './types';

/** What a pitch that a chord does not have is called above its root. Source: common practice. */
const PLAIN_DEGREES: readonly Degree[] = 'R b9 9 b3 3 11 #11 5 b13 13 b7 7'.split(' ') as Degree[];

/**
 * The plain name of a pitch above a chord: its own tone, else by what the chord has. The sixth is a 6 where
 * there is no seventh, the minor third a #9 where there is a major one.
 * @param degrees of the chord
 * @param height semitones above the root, any octave
 * @example plainDegree(['R', '3', '5', 'b7'], 15) // '#9'
 */
export function plainDegree(degrees: readonly Degree[], height: number): Degree {
  const above = pitchClass(height) as number;
  const own = degrees.find((degree) => semitonesOf(degree) === above);
  if (own) return own;
  const seventh = degrees.some((degree) => degree === '7' || degree === 'b7');
  if (above === 9 && !seventh) return '6';
  if (above === 3 && degrees.includes('3')) return '#9';
  return PLAIN_DEGREES[above]!;
}

const degreesOf = ({ tones }: PitchedChord): Degree[] => tones.map(({ degree }) => degree);

/**
 * A scale on a chord's root, from the root up, each note by the name the chord gives it.
 * The altered scale on C7 is R b9 #9 3 #11 b13 b7.
 */
export const scaleDegrees = (chord: PitchedChord, name: ScaleName): Degree[] =>
  scaleSemitones(name).map((semitones) => plainDegree(degreesOf(chord), semitones));

/**
 * Scales of a quality that stands alone, without a key to judge it by, the first that holds its tones.
 * Source: common practice.
 */
const USUAL: readonly ScaleName[] = [
  'Ionian',
  'Mixolydian',
  'Dorian',
  'melodic minor',
  'Lydian',
  'Lydian b7',
  'Locrian',
  'whole-half diminished',
  'Mixolydian b9 b13',
  'Mixolydian b13',
  'half-whole diminished',
  'whole tone',
  'altered',
  'Lydian augmented',
  'harmonic minor',
  'Dorian b9',
];

/** The scale of a chord: that of its place where it is known, else the usual one of its quality. */
export function scaleOf(chord: PitchedChord): readonly Degree[] {
  if (chord.scale) return chord.scale;
  const pitches = degreesOf(chord).map(semitonesOf);
  const holds = (name: ScaleName): boolean =>
    pitches.every((pitch) => scaleSemitones(name).includes(pitch));
  const name = USUAL.find(holds);
  return name ? scaleDegrees(chord, name) : rising(degreesOf(chord));
}

const rising = (degrees: readonly Degree[]): Degree[] =>
  [...degrees].sort((a, b) => semitonesOf(a) - semitonesOf(b));
