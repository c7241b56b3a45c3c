import type { Rung } from '../ladder/cover';

/** How an answer or a pass went. Source of the four: FSRS. */
export const GRADES = ['again', 'hard', 'good', 'easy'] as const;
export type Grade = (typeof GRADES)[number];

interface OfItem {
  /** Given by whoever noted it; the same one never counts twice. */
  readonly id: string;
  readonly item: string;
  /** By the clock of the device it was noted on, in ms since 1970. */
  readonly at: number;
  /** When it reached the book, in ms since 1970. */
  readonly received: number;
}

/** An item was practised. */
export interface Review extends OfItem {
  readonly kind: 'review';
  readonly grade: Grade;
  /** What it was played in, in quarter notes a minute; left out where it is not played in time. */
  readonly tempo?: number;
  /** Of a chart by heart: where the player stands on its ladder after it. */
  readonly recalled?: Recalled;
}

/** Where a player stands on the memory ladder of a chart. */
export interface Recalled {
  /** To be recalled next. */
  readonly rung: Rung;
  /** Slots that were missed: they are covered first the next time. */
  readonly missed: readonly string[];
}

/** The player put an item to another day: "not today", or an interval of their own. */
export interface Put extends OfItem {
  readonly kind: 'put';
  /** In ms since 1970. */
  readonly due: number;
}

/** A note was a slip: it counts as never noted. */
export interface TakenBack extends OfItem {
  readonly kind: 'taken back';
  /** The id of the other note. */
  readonly of: string;
}

/** What is noted of an item; notes are added and never changed. */
export type PracticeNote = Review | Put | TakenBack;

/** When an item is due, and how well it is known. All of it follows from its notes. */
export interface Schedule {
  /** In ms since 1970. */
  readonly due: number;
  /** Days until nine of ten would still know it. */
  readonly stability: number;
  /** 1..10 */
  readonly difficulty: number;
  readonly reviews: number;
  /** How often it was forgotten. */
  readonly lapses: number;
  /** The last review, in ms since 1970. */
  readonly practisedAt: number;
  readonly grade: Grade;
  /** What it was last played in, in quarter notes a minute; left out where it never was. */
  readonly tempo?: number;
  /** Of a chart by heart. */
  readonly recalled?: Recalled;
}
