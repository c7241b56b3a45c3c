import { pitchClass } from '../base/units';
import { semitonesOf, type Degree } from './degrees';
import { plainDegree } from './scaleDegrees';
import { SCALE_NAMES, scaleSemitones, type ScaleName } from './scales';
import { spellTones } from './tones';
import type { Chord, ChordTone, PitchedChord } from './types';

/** A scale a player opens over one chord, so that its tensions may sound there. */
export interface OpenScale {
  readonly scale: ScaleName;
  /** Semitones of its first note above the root of the chord, 0..11. */
  readonly on: number;
}

/** Half steps above a chord tone that a dominant can hold. Source: common practice. */
const HELD_BY_DOMINANTS: readonly number[] = [1, 8];

const heightsOf = ({ scale, on }: OpenScale): number[] =>
  scaleSemitones(scale)
    .map((semitones) => pitchClass(semitones + on) as number)
    .sort((a, b) => a - b);

/** Whether a scale holds all that makes the chord what it is: every tone but a natural fifth. */
export function canOpen({ tones }: PitchedChord, open: OpenScale): boolean {
  const heights = heightsOf(open);
  return tones.every(({ degree }) => degree === '5' || heights.includes(semitonesOf(degree)));
}

/** What may lie on top of a chord: its tones, and its tensions where a scale is opened over it. */
export const topTones = (chord: Chord): readonly ChordTone[] =>
  chord.kind === 'chord' && chord.opened
    ? [...chord.tones, ...spellTones(chord.root, chord.tensions ?? [])]
    : chord.tones;

/** Fewer notes are a pool to improvise from, no scale to build on. */
const FEWEST_NOTES = 6;

/** Whether a scale has notes enough to build on. */
export const opensEnough = (scale: ScaleName): boolean =>
  scaleSemitones(scale).length >= FEWEST_NOTES;

/** Scales opened alike have the same key. */
export const openKey = ({ scale, on }: OpenScale): string => `${on} ${scale}`;

/** Order in which scales are offered: what players open most over a dominant, then the plain ones. */
const OFFERED: readonly ScaleName[] = [
  'altered',
  'half-whole diminished',
  'whole tone',
  'Lydian b7',
  ...SCALE_NAMES.filter((name) => !name.includes('sixth-diminished')),
];

/** The scales on a chord's root that can be opened over it, most usual first. */
export const scalesToOpen = (chord: PitchedChord): ScaleName[] =>
  [...new Set(OFFERED)].filter((scale) => opensEnough(scale) && canOpen(chord, { scale, on: 0 }));

/**
 * A chord as it is voiced with a scale opened over it: the scale's notes are its tensions, but for those a
 * half step above a chord tone that no dominant can hold; a natural fifth the scale does not have is gone.
 * A chord that the scale contradicts stays as it is.
 * The altered scale over C7 brings b9 #9 #11 b13, and its 5 is gone.
 */
export function openedBy(chord: PitchedChord, open: OpenScale): PitchedChord {
  if (!canOpen(chord, open)) return chord;
  const heights = heightsOf(open);
  const inScale = ({ degree }: { readonly degree: Degree }): boolean =>
    heights.includes(semitonesOf(degree));
  const tones = chord.tones.filter(inScale);
  const degrees = tones.map(({ degree }) => degree);
  const scale = heights.map((height) => plainDegree(degrees, height));
  const body = new Set(degrees.map(semitonesOf));
  const isDominant = degrees.includes('3') && degrees.includes('b7');
  const tensions = scale.filter((degree) => {
    const height = semitonesOf(degree);
    const rubs = body.has(pitchClass(height - 1));
    return !body.has(height) && (!rubs || (isDominant && HELD_BY_DOMINANTS.includes(height)));
  });
  const optional = chord.optional.filter((degree) => degrees.includes(degree));
  return { ...chord, tones, optional, tensions, scale, opened: true };
}
