import type { NoteName } from '../pitch/spelling';
import type { Degree } from './degrees';

export interface ChordTone {
  readonly degree: Degree;
  /** Spelled strictly from the root by degree: the b5 of Gb is `Dbb`. See `plainSpelling`. */
  readonly note: NoteName;
}

/** A chord that sounds: read from a symbol, spelled from its root. */
export interface PitchedChord {
  readonly kind: 'chord';
  /** The symbol as it was typed, without surrounding space or brackets. */
  readonly symbol: string;
  readonly root: NoteName;
  /** The note after the slash, when one is written. */
  readonly bass?: NoteName;
  /** Every tone the symbol names or implies, in stacking order. */
  readonly tones: readonly ChordTone[];
  /** The tones that tell the chord: 3 and 7, 3 and 6, 4 and b7, b3 b5 bb7, or 3 and R on a triad. */
  readonly guideTones: readonly Degree[];
  /** Guide tones, a fifth that is not perfect, and every alteration the symbol writes (alt writes none). */
  readonly essential: readonly Degree[];
  /** Colours the symbol asks for: the 9 of C9, the 13 of C13, either altered ninth of C7alt. */
  readonly colours: readonly Degree[];
  /** Tones that may be left out first: the root when a bass plays it, the natural fifth. */
  readonly optional: readonly Degree[];
  /**
   * What may be added in the chord's context, where that is known; `tensionsOf` gives the usual ones of
   * its quality otherwise.
   */
  readonly tensions?: readonly Degree[];
  /** The scale of its place, from the root up, named as the chord names it; see `scaleOf`. */
  readonly scale?: readonly Degree[];
  /** True where a player opened the scale to voicings: its tensions may sound whatever the symbol writes. */
  readonly opened?: boolean;
  /** The b9 of a dominant that falls a fifth in its context: it may lead as a third guide tone. */
  readonly thirdGuide?: Degree;
}

/** N.C.: the accompaniment rests. */
export interface NoChord {
  readonly kind: 'no chord';
  readonly symbol: string;
  readonly root?: undefined;
  readonly bass?: undefined;
  readonly tones: readonly [];
}

export type Chord = PitchedChord | NoChord;

export interface ChordProblem {
  /** What cannot be read, and what was expected there, for a musician. */
  readonly message: string;
  /** Position of the first character that cannot be read, from 0, in the symbol as it was given. */
  readonly index: number;
  /** The nearest symbol that can be read, where one is close. */
  readonly suggestion?: string;
}
