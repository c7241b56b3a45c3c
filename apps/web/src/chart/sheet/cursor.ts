import type { Chart } from '@drop-close/core';
import { create } from 'zustand';

/** A slot of the sheet that is being written. */
export interface Cursor {
  /** Among the written bars, from 0; one past the last is a bar that is not there yet. */
  readonly bar: number;
  readonly slot: number;
  /** What the field begins with, where typing began it. */
  readonly typed?: string;
  /** True for a slot that is put in before the one that stands there. */
  readonly fresh?: boolean;
}

export const useCursor = create<{ readonly cursor: Cursor | undefined }>(() => ({
  cursor: undefined,
}));

export const write = (cursor: Cursor | undefined): void => {
  useCursor.setState({ cursor });
};

const slotsIn = (chart: Chart, bar: number): number =>
  chart.sections.flatMap(({ bars }) => bars)[bar]?.slots.length ?? 0;

/** The slot after this one; past the last bar the place of a new one. */
export function after(chart: Chart, { bar, slot }: Cursor): Cursor {
  return slot + 1 < slotsIn(chart, bar) ? { bar, slot: slot + 1 } : { bar: bar + 1, slot: 0 };
}

/** The slot before this one; the first has none. */
export function before(chart: Chart, { bar, slot }: Cursor): Cursor | undefined {
  if (slot > 0) return { bar, slot: slot - 1 };
  return bar > 0 ? { bar: bar - 1, slot: Math.max(0, slotsIn(chart, bar - 1) - 1) } : undefined;
}
