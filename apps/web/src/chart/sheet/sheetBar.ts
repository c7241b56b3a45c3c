import type { Bar } from '@drop-close/core';

export interface SlotPlace {
  /** Position in its bar, from 0. */
  readonly slot: number;
  /** Beat it falls on, from 1. */
  readonly beat: number;
  /** Where it begins and how wide it is, as shares of the bar. */
  readonly from: number;
  readonly width: number;
  /** Position of its chord among those of the chorus, the first time it is played. */
  readonly event: number | undefined;
}

export interface SheetBar {
  readonly bar: Bar;
  /** Position among the written bars, from 0. */
  readonly at: number;
  /** Number in the chorus, the first time it is played; `undefined` when it never is. */
  readonly number: number | undefined;
  readonly slots: readonly SlotPlace[];
}

/** What a bar is called in a sentence. */
export const nameOfBar = ({ number }: SheetBar): string =>
  number === undefined ? 'Bar that is not played' : `Bar ${number}`;
