import { countedBars, timeline } from './timeline';
import type { Chart } from './types';

export interface Form {
  /** The sections in order as written, as `A A B A`; empty when none is labelled. */
  readonly letters: string;
  /** Bars of one chorus, repeats written out. */
  readonly bars: number;
}

/** The form of a chart at a glance. */
export function formOf(chart: Chart): Form {
  const names = chart.sections.flatMap(({ name }) => (name === undefined ? [] : [name]));
  return { letters: names.join(' '), bars: countedBars(timeline(chart)).length };
}
