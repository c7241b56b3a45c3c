import { countedBars, type ChartEvent, type Timeline } from '@drop-close/core';

export interface LadderRow {
  readonly section: string | undefined;
  readonly bars: readonly { readonly number: number; readonly events: readonly ChartEvent[] }[];
}

const BARS = 4;

/** The chart as it is written, four bars a row; what is repeated stands once. */
export function ladderRows({ bars, events, ...timeline }: Timeline): LadderRow[] {
  const seen = new Set<number>();
  const rows: { section: string | undefined; bars: LadderRow['bars'][number][] }[] = [];
  for (const bar of countedBars({ bars, events, ...timeline })) {
    if (seen.has(bar.written)) continue;
    seen.add(bar.written);
    const own = events.filter((event) => event.bar === bar.number && !event.part);
    const last = rows.at(-1);
    const begins = !last || last.bars.length >= BARS || bar.section !== undefined;
    const row = begins ? { section: bar.section, bars: [] } : last;
    if (begins) rows.push(row);
    row.bars.push({ number: bar.number, events: own });
  }
  return rows;
}
