import type { PitchedChord } from '../chord/types';
import { spellFrom, pitchClassOf, plainRoot, type NoteName } from '../pitch/spelling';
import { pitchClass, type PitchClass } from '../base/units';
import { sixthReading } from '../voicing/families/block';
import { materialOf } from '../voicing/base/material';

/** A chord read as a sixth chord, and the diminished chord of its dominant: together eight notes. */
export interface SixthAndDiminished {
  readonly sixth: { readonly symbol: string; readonly classes: readonly PitchClass[] };
  readonly diminished: { readonly symbol: string; readonly classes: readonly PitchClass[] };
  /** Root of the sixth chord. */
  readonly root: NoteName;
  readonly minor: boolean;
}

const EVERYTHING = { roots: true, others: { bass: true, soloist: false, chords: false } };
/** Letter steps for semitones above a root, as flats are usual. */
const LETTERS = [0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6];

/**
 * The sixth chord that stands for a chord and the diminished seventh of its dominant, which is that
 * dominant's flat ninth chord without its root. None where the chord is itself diminished or has no third.
 * Source: common practice (sixth and diminished).
 */
export function sixthAndDiminished(chord: PitchedChord): SixthAndDiminished | undefined {
  const material = materialOf(chord, { room: EVERYTHING, tensions: 'as written' });
  const reading = sixthReading(material);
  if (!reading || (reading.tones[1] === 3 && reading.tones[2] === 6)) return undefined;
  const root = plainRoot(spellFrom(chord.root, LETTERS[reading.on]!, reading.on));
  const minor = reading.tones[1] === 3;
  const above = (tones: readonly number[]): PitchClass[] =>
    tones.map((tone) => pitchClass(pitchClassOf(root) + tone));
  return {
    root,
    minor,
    sixth: { symbol: `${root}${minor ? 'm6' : '6'}`, classes: above(reading.tones) },
    diminished: {
      symbol: `${plainRoot(spellFrom(root, 6, 11))}dim7`,
      classes: above([11, 2, 5, 8]),
    },
  };
}
