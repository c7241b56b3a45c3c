import type { Chord, ChordProblem } from '../chord/types';
import type { BarIdentity } from './placeTypes';

export interface Meter {
  /** Beats in a bar, 1..12. */
  readonly beats: number;
  /** The note that gets one beat: 2, 4, 8 or 16. */
  readonly unit: number;
}

export const FEELS = ['swing', 'straight', 'ballad', 'waltz', 'latin', 'shuffle'] as const;
export type Feel = (typeof FEELS)[number];

/** What the text itself says before the first bar. Each part may be missing. */
export interface ChartHeader {
  readonly title?: string;
  readonly key?: string;
  readonly meter?: Meter;
  /** Quarter-note beats per minute, 30..360. */
  readonly tempo?: number;
  readonly feel?: Feel;
  /** Beats of a pickup: the first bar of the text then lasts so long and is not counted. */
  readonly pickup?: number;
}

/**
 * One place in a bar. The slots of a bar share its beats: one slot takes it whole, two in 4/4 fall on
 * 1 and 3, four take a beat each.
 */
export type Slot =
  | { readonly kind: 'chord'; readonly chord: Chord; readonly text: string }
  /** `.` – the chord before goes on through this slot. */
  | { readonly kind: 'hold' }
  /** `%` – the bar before, again; stands alone in its bar. */
  | { readonly kind: 'repeat bar' }
  /** A symbol that cannot be read, kept as typed so that nothing is lost. */
  | { readonly kind: 'unreadable'; readonly text: string; readonly problem: ChordProblem };

export interface Bar {
  readonly slots: readonly Slot[];
  readonly repeatStart: boolean;
  readonly repeatEnd: boolean;
  /** Number of the ending that begins here: 1 for `(1`. */
  readonly ending?: number;
  /** A change of meter written here; it holds until the next one. */
  readonly meter?: Meter;
  /** What stands in quotes above the bar: remarks, and directions such as `D.S. al Coda`. */
  readonly words?: readonly string[];
  /** Line breaks in the text before this bar, so that lines stay as the player laid them out. */
  readonly lineBreaks: number;
  /** Which bar this is, wherever edits take it; missing in a chart fresh from its text, and on new bars. */
  readonly identity?: BarIdentity;
}

export interface Section {
  /** The letter or name in `[A]`; missing for bars before the first label. */
  readonly name?: string;
  readonly lineBreaks: number;
  readonly bars: readonly Bar[];
  /** Which section this is, wherever edits take it; missing as in its bars. */
  readonly id?: string;
}

export interface Chart {
  readonly header: ChartHeader;
  /** The meter in force: the text's own, else the one given to parseChart, else 4/4. */
  readonly meter: Meter;
  readonly sections: readonly Section[];
}

export interface ChartProblem {
  /** From 1. */
  readonly line: number;
  /** From 1, of the first bad character. */
  readonly column: number;
  /** How many characters the bad word has, 1 or more. */
  readonly length: number;
  /** What is wrong and what would be right, for a musician. */
  readonly message: string;
  /** What would be read in its place. */
  readonly suggestion?: string;
}

/**
 * Something said of one chord of the chorus. `at` is its position among the chords as played, from 0,
 * the parts of split chords counted one by one; `symbol` is what the chord was called when it was said.
 */
export interface AtChord {
  readonly at: number;
  readonly symbol: string;
}
