import { countedBars, type Timeline } from '@drop-close/core';

export interface TuneSection {
  /** Its identity. */
  readonly id: string;
  readonly name: string;
  /** First and last bar as played, from 1. */
  readonly fromBar: number;
  readonly toBar: number;
}

/** The sections of a chorus, each where it comes first; none where the tune has only one. */
export function sectionsOf(timeline: Timeline): TuneSection[] {
  const bars = countedBars(timeline);
  const starts = bars.flatMap(({ number, section, sectionPlace }) =>
    sectionPlace ? [{ id: sectionPlace.section, name: section ?? '', fromBar: number }] : [],
  );
  const last = bars.at(-1)?.number ?? 0;
  const all = starts.map((start, at) => ({
    ...start,
    name: start.name || `from bar ${start.fromBar}`,
    toBar: (starts[at + 1]?.fromBar ?? last + 1) - 1,
  }));
  const firsts = all.filter(({ id }, at) => all.findIndex((each) => each.id === id) === at);
  return firsts.length > 1 ? firsts : [];
}
