import type { PlayedBar, Timeline } from '@drop-close/core';

/** So many bars as one glance takes in. */
export interface StandRow {
  readonly bars: readonly PlayedBar[];
  /** The section it stands in, where one begins. */
  readonly section: string | undefined;
}

const BARS = 4;

/** A pickup, which is bar 0, is no bar of its row. */
export const isPickup = ({ number }: Pick<PlayedBar, 'number'>): boolean => number === 0;

/** The chorus in rows of four bars, before the first of them its pickup; a section begins a row of its own. */
export function standRows({ bars: all }: Timeline): StandRow[] {
  const rows: PlayedBar[][] = [];
  for (const bar of all) {
    const row = rows.at(-1);
    const isFull = row && row.filter((each) => !isPickup(each)).length >= BARS;
    const isLead = row?.length === 1 && isPickup(row[0]!);
    if (!row || isFull || (bar.section !== undefined && !isLead)) rows.push([bar]);
    else row.push(bar);
  }
  return rows.map((bars) => ({
    bars,
    section: bars.find(({ section }) => section !== undefined)?.section,
  }));
}
