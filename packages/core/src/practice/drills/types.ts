import type { Degree } from '../../chord/degrees';
import type { PitchedChord } from '../../chord/types';
import type { NoteName, NoteNaming } from '../../pitch/spelling';
import type { Voicing } from '../../voicing/base/types';

export const DRILLS = [
  'name the degree',
  'spell the chord',
  'find the guide tones',
  'which voice was dropped',
  'from numbers',
  'nearest next grip',
  'which voice moved',
  'what is on top',
] as const;
export type DrillId = (typeof DRILLS)[number];

/** What is given to be drilled: the chords of a tune or an étude as they are voiced. */
export interface DrillMaterial {
  readonly chords: readonly PitchedChord[];
  /** The voicing of each; as many. */
  readonly path: readonly Voicing[];
  /** The number of each in its key, as `ii7`; as many. */
  readonly numerals: readonly string[];
  /** The key they are in, as `Eb`. */
  readonly tonic: NoteName;
  /** How notes are called in what is asked and explained. Default: letters. */
  readonly naming?: NoteNaming;
  /** Every grip there is for a chord, as the player has set families, hands and room. */
  readonly grips: (chord: PitchedChord) => readonly Voicing[];
}

interface Asked {
  /** Names the question among all of its kind: two with the same key are the same question. */
  readonly key: string;
  /** For the player. */
  readonly words: string;
  /** The right answer in one sentence. */
  readonly because: string;
  /** What is played with the question, one after the other; nothing where it is read only. */
  readonly heard: readonly Voicing[];
}

/** One question; what would be right stands in `answer`. */
export type Question = Asked &
  (
    | { readonly drill: 'name the degree' | 'what is on top'; readonly answer: Degree }
    | {
        readonly drill: 'spell the chord' | 'find the guide tones';
        readonly chord: PitchedChord;
        readonly answer: readonly NoteName[];
      }
    | {
        readonly drill: 'which voice was dropped' | 'which voice moved';
        /** Voices counted from the top, 1 the highest, rising. */
        readonly answer: readonly number[];
        readonly voices: number;
      }
    | { readonly drill: 'from numbers'; readonly answer: readonly string[] }
    | {
        readonly drill: 'nearest next grip';
        readonly from: Voicing;
        readonly chord: PitchedChord;
        /** The nearest one. */
        readonly answer: Voicing;
        readonly least: number;
      }
  );

/** What a player answers, by the kind of its question. */
export type Answer =
  | { readonly degree: Degree }
  | { readonly notes: readonly NoteName[] }
  | { readonly voices: readonly number[] }
  | { readonly symbols: readonly string[] }
  | { readonly grip: Voicing };
