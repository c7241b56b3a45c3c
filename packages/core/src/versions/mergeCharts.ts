import equal from 'fast-deep-equal';
import { diff3Merge } from 'node-diff3';
import { formatChart } from '../chart/formatChart';
import type { BarIdentity, ChartPlaces } from '../chart/placeTypes';
import { parseChart } from '../chart/parseChart';
import { placesFit } from '../chart/places/identify';
import { soundingSlots } from '../chart/places/soundingSlots';
import { readWritten, type WrittenChart } from '../chart/places/written';
import type { Bar, Chart, Meter, Section } from '../chart/types';
import { mergeValues } from './mergeValues';
import type { ThreeOf } from './types';

/**
 * Merges the changes of two sides bar by bar: bars are known by their identities, so that bars put in,
 * taken out and written in by one side stand beside those of the other.
 *
 * 1. Each chart becomes a row of section heads and bars, each with its identity and what is in it.
 * 2. The rows are merged by identity (three-way, longest common rows); where both sides put in or took out
 *    at one place, they conflict.
 * 3. What is in a bar or head is taken from the side that changed it; where both did, they conflict.
 *
 * @returns `undefined` where they conflict, or a side has text that is not laid out in bars
 */
export function mergeCharts(
  sides: ThreeOf<WrittenChart>,
  meter: Meter | undefined,
): WrittenChart | undefined {
  const { base, mine, theirs } = sides;
  if (equal(base, theirs) || equal(mine, theirs)) return mine;
  if (equal(base, mine)) return theirs;
  const read = mapThree(sides, (written) => readWritten(written, meter));
  if (!read.base.whole || !read.mine.whole || !read.theirs.whole) return undefined;
  // Bars put in in one key and those of another do not make a chart.
  const keys = new Set([base, mine, theirs].map(({ places }) => places.transposed));
  if (keys.size > 1) return undefined;
  const charts = mapThree(read, ({ chart }) => chart);
  const header = mergeValues(
    mapThree(charts, (chart) => chart.header),
    'header',
  );
  const rows = mergeRows(mapThree(charts, rowsOf));
  if (!rows || header.conflicts.length) return undefined;
  const sections = sectionsOf(rows);
  const chart: Chart = { ...charts.mine, header: header.value as Chart['header'], sections };
  return writtenAs(chart, base.places.transposed, meter);
}

const mapThree = <T, R>({ base, mine, theirs }: ThreeOf<T>, of: (side: T) => R): ThreeOf<R> => ({
  base: of(base),
  mine: of(mine),
  theirs: of(theirs),
});

/** A section's head or a bar, with its identity. */
type Row =
  | { readonly id: string; readonly section: Omit<Section, 'bars'> }
  | { readonly id: string; readonly bar: Bar };

const rowsOf = (chart: Chart): Row[] =>
  chart.sections.flatMap(({ bars, ...section }): Row[] => [
    { id: `section ${section.id ?? ''}`, section },
    ...bars.map((bar) => ({ id: `bar ${bar.identity?.id ?? ''}`, bar })),
  ]);

function mergeRows({ base, mine, theirs }: ThreeOf<readonly Row[]>): Row[] | undefined {
  const ids = (rows: readonly Row[]): string[] => rows.map(({ id }) => id);
  const find = (rows: readonly Row[]) => {
    const byId = new Map(rows.map((row) => [row.id, row]));
    return (id: string) => byId.get(id);
  };
  const [inBase, inMine, inTheirs] = [find(base), find(mine), find(theirs)];
  const merged: Row[] = [];
  for (const part of diff3Merge(ids(mine), ids(base), ids(theirs))) {
    if (!part.ok) return undefined;
    for (const id of part.ok) {
      const row = merge(inBase(id), inMine(id), inTheirs(id));
      if (!row) return undefined;
      merged.push(row);
    }
  }
  const isGone = (id: string): boolean => !merged.some((row) => row.id === id);
  // What one side took out and the other wrote in is a conflict too.
  const lost = base.some((row) => {
    const left = inMine(row.id) ?? inTheirs(row.id);
    return isGone(row.id) && left !== undefined && !equal(left, row);
  });
  const twice = new Set(ids(merged)).size < merged.length;
  return lost || twice ? undefined : merged;
}

/** @returns `undefined` where both sides changed it */
function merge(base?: Row, mine?: Row, theirs?: Row): Row | undefined {
  if (!mine || !theirs) return mine ?? theirs;
  if (equal(mine, theirs) || (base && equal(base, theirs))) return mine;
  return base && equal(base, mine) ? theirs : undefined;
}

function sectionsOf(rows: readonly Row[]): Section[] {
  const sections: (Omit<Section, 'bars'> & { bars: Bar[] })[] = [];
  for (const row of rows) {
    if ('section' in row) sections.push({ ...row.section, bars: [] });
    else sections.at(-1)?.bars.push(row.bar);
  }
  return sections;
}

/** The merged chart as text, with its identities; none where the text would not read as it is laid out. */
function writtenAs(
  chart: Chart,
  transposed: number,
  meter: Meter | undefined,
): WrittenChart | undefined {
  const sounding = soundingSlots(chart);
  let written = 0;
  const identityOf = ({ identity }: Bar): BarIdentity => {
    const slots = sounding[written] ?? [];
    written += 1;
    const id = identity?.id ?? '';
    // A % repeats a bar that may be another one by now.
    return { id, slots: slots.map((_, at) => identity?.slots[at] ?? `${id}+${at}`) };
  };
  const places: ChartPlaces = {
    transposed,
    sections: chart.sections.map(({ id = '', bars }) => ({ id, bars: bars.map(identityOf) })),
  };
  const text = formatChart(chart);
  return placesFit(parseChart(text, meter).chart, places) ? { text, places } : undefined;
}
