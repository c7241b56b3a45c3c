import { countedBars, type PlayedBar, type Timeline } from '@drop-close/core';

/** So many bars as one glance takes in. */
export interface StandRow {
  readonly bars: readonly PlayedBar[];
  /** The section it stands in, where one begins. */
  readonly section: string | undefined;
}

const BARS = 4;

/** The chorus in rows of four bars; a section begins a row of its own. */
export function standRows(timeline: Timeline): StandRow[] {
  const rows: PlayedBar[][] = [];
  for (const bar of countedBars(timeline)) {
    const row = rows.at(-1);
    if (!row || row.length >= BARS || bar.section !== undefined) rows.push([bar]);
    else row.push(bar);
  }
  return rows.map((bars) => ({ bars, section: bars[0]?.section }));
}
