import { pitchClass } from '../base/units';
import { pitchClassOf, plainRoot, spellFrom, type NoteName } from '../pitch/spelling';
import { DEGREES, type Degree } from './degrees';
import type { OpenScale } from './openedBy';
import { plainDegree } from './scaleDegrees';
import { scaleNotes, type ScaleName } from './scales';
import type { PitchedChord } from './types';

/** A scale as it is read over one chord. */
export interface ScaleOver {
  /** As `A altered`. */
  readonly name: string;
  /** From its first note upwards, within an octave. */
  readonly notes: readonly NoteName[];
}

/**
 * The notes of a scale over a chord, its first note spelled as a degree of the chord, or plainly where that takes more
 * than one sign: over Dm7b5 melodic minor on its b3 is F melodic minor.
 */
export function scaleOver({ root, tones }: PitchedChord, { scale, on }: OpenScale): ScaleOver {
  const own = tones.map(({ degree }) => degree);
  const { letterSteps } = DEGREES[plainDegree(own, on)];
  const first = plainRoot(spellFrom(root, letterSteps, on));
  return { name: `${first} ${scale}`, notes: scaleNotes(first, scale) };
}

/** What each of some notes is over a chord. The notes of G altered over G7: R b9 #9 3 #11 b13 b7. */
export const degreesOver = (
  { root, tones }: PitchedChord,
  notes: readonly NoteName[],
): Degree[] => {
  const own = tones.map(({ degree }) => degree);
  return notes.map((note) => plainDegree(own, pitchClassOf(note) - pitchClassOf(root)));
};

/** A scale on a note, as it is kept for a chord: by how far that lies above the root. */
export const openFrom = (
  first: NoteName,
  scale: ScaleName,
  { root }: Pick<PitchedChord, 'root'>,
): OpenScale => ({ scale, on: pitchClass(pitchClassOf(first) - pitchClassOf(root)) });
