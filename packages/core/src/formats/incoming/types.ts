import type { Feel } from '../../chart/types';
import type { SoloLine } from '../../comp/solo/types';

/** What text or a file is read as, before anything is made of it. */
export interface Incoming {
  readonly tunes: readonly IncomingTune[];
  /** Every line of a text that is not blank, in order; of a file one for each thing that was understood. */
  readonly lines: readonly UnderstoodLine[];
}

/** A tune as it would be put into the book. */
export interface IncomingTune {
  readonly fields: IncomingFields;
  readonly solos: readonly IncomingSolo[];
  readonly problems: readonly IncomingProblem[];
  /** Written bars. */
  readonly bars: number;
}

/** What a new tune is made of. */
export interface IncomingFields {
  readonly title: string;
  /** As chart text. */
  readonly text: string;
  /** `Eb` or `Cm`. */
  readonly key: string;
  /** `4/4`. */
  readonly meter: string;
  /** In quarter notes a minute. */
  readonly tempo: number;
  readonly feel: Feel;
}

export interface IncomingSolo {
  readonly name: string;
  readonly line: SoloLine;
}

export interface IncomingProblem {
  /** Of the text, from 1; 0 where it is of the whole. */
  readonly line: number;
  /** What is wrong and what would be right, for a musician. */
  readonly message: string;
}

export const LINE_KINDS = [
  'new tune',
  'title',
  'head',
  'section',
  'changes',
  'words',
  'left out',
] as const;
export type LineKind = (typeof LINE_KINDS)[number];

/** What one line was taken for. */
export interface UnderstoodLine {
  /** From 1. */
  readonly line: number;
  /** As it came. */
  readonly text: string;
  readonly kind: LineKind;
  /** What it became: `| Dm7 | G7 |`, `Key F, 132 a minute`. */
  readonly as: string;
  /** Which tune it belongs to, from 0. */
  readonly tune: number;
}

/** What a line with several chords and no bar lines is: told by the text itself, or by the player. */
export const LOOSE_LINES = ['by the text', 'a line is a bar', 'a chord is a bar'] as const;
export type LooseLines = (typeof LOOSE_LINES)[number];

export interface PasteHabits {
  readonly looseLines: LooseLines;
  /** Whether remarks stand over the bars they came before, or are left out. */
  readonly keepWords: boolean;
}

export const DEFAULT_HABITS: PasteHabits = { looseLines: 'by the text', keepWords: true };

/** The most tunes that are brought in at once. */
export const MOST_TUNES_AT_ONCE = 500;
/** Of pasted text, in characters: more than 500 long charts. */
export const LONGEST_PASTE = 2_000_000;
