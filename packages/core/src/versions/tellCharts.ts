import equal from 'fast-deep-equal';
import { barsInList, inList } from '../base/words';
import { readWritten } from '../chart/places/written';
import { slotText } from '../chart/slot';
import { timeline } from '../chart/timeline';
import { transposeChart } from '../analysis/transposeChart';
import type { Bar, Chart, Meter } from '../chart/types';
import { movedBetween } from '../arrangement/stored/fit';
import type { TuneVersion } from './types';

/** Bars that are told one by one, with what was in them. */
const MOST_TOLD = 3;

type Side = Pick<TuneVersion, 'text' | 'places'>;

/** What changed in the changes of a tune, in words, bars counted as they are played; none where nothing did. */
export function tellCharts(before: Side, after: Side, meter: Meter | undefined): string[] {
  if (before.text === after.text && equal(before.places, after.places)) return [];
  const [was, is] = [readWritten(before, meter).chart, readWritten(after, meter).chart];
  const moved = movedBetween(before.places.transposed, after.places.transposed);
  const inKey = moved ? inItsKey(was, moved) : was;
  const told = [
    ...(moved ? [`transposed ${moved > 0 ? 'up' : 'down'} ${inHalfSteps(Math.abs(moved))}`] : []),
    ...tellSections(was, is),
    ...tellBars(inKey, is),
  ];
  return told.length ? told : ['only the layout of the text'];
}

/** The chart moved, its bars with the identities they had. */
function inItsKey(chart: Chart, semitones: number): Chart {
  const { sections, ...moved } = transposeChart(chart, semitones);
  const bars = (section: number) => chart.sections[section]?.bars ?? [];
  return {
    ...moved,
    sections: sections.map((section, at) => ({
      ...section,
      bars: section.bars.map((bar, inside) => ({ ...bar, ...identityOf(bars(at)[inside]) })),
    })),
  };
}

const identityOf = (bar: Bar | undefined): Pick<Bar, 'identity'> =>
  bar?.identity ? { identity: bar.identity } : {};

const inHalfSteps = (count: number): string => `${count} half ${count === 1 ? 'step' : 'steps'}`;

function tellSections(before: Chart, after: Chart): string[] {
  const letters = ({ sections }: Chart): string =>
    sections.flatMap(({ name }) => name ?? []).join(' ') || 'none';
  const [was, is] = [letters(before), letters(after)];
  return was === is ? [] : [`sections ${was} → ${is}`];
}

function tellBars(before: Chart, after: Chart): string[] {
  const [was, is] = [barsById(before), barsById(after)];
  const added = [...is].filter(([id]) => !was.has(id)).map(([, bar]) => bar);
  const removed = [...was].filter(([id]) => !is.has(id)).map(([, bar]) => bar);
  const changed = [...is].flatMap(([id, bar]) => {
    const old = was.get(id);
    return old && old.content !== bar.content ? [{ old, bar }] : [];
  });
  return [
    ...tellChanged(changed),
    ...tellNumbers(added, 'added'),
    ...tellNumbers(removed, 'removed'),
  ];
}

interface NumberedBar {
  /** As played, the first time; 0 for a pickup. */
  readonly number: number;
  readonly content: string;
}

function barsById(chart: Chart): ReadonlyMap<string, NumberedBar> {
  const numbers = new Map<number, number>();
  for (const { written, number } of timeline(chart).bars) {
    if (!numbers.has(written)) numbers.set(written, number);
  }
  const bars = chart.sections.flatMap((section) => section.bars);
  return new Map(
    bars.map((bar, written) => [
      bar.identity?.id ?? String(written),
      { number: numbers.get(written) ?? written + 1, content: contentOf(bar) },
    ]),
  );
}

function contentOf({ slots, repeatStart, repeatEnd, ending, words }: Bar): string {
  const chords = slots.map(slotText).join(' ');
  const texts = (words ?? []).map((each) => `“${each}” `).join('');
  const first = ending === undefined ? '' : `(${ending} `;
  return `${repeatStart ? '|: ' : ''}${first}${texts}${chords}${repeatEnd ? ' :|' : ''}`;
}

function tellChanged(
  changed: readonly { readonly old: NumberedBar; readonly bar: NumberedBar }[],
): string[] {
  if (changed.length > MOST_TOLD) {
    return [`${barsInList(changed.map(({ bar }) => bar.number))} changed`];
  }
  return changed.map(({ old, bar }) => `bar ${bar.number}: ${old.content} → ${bar.content}`);
}

const tellNumbers = (bars: readonly NumberedBar[], what: string): string[] =>
  bars.length ? [`${runs(bars.map(({ number }) => number))} ${what}`] : [];

/** "bar 4", "bars 3–6 and 9". */
function runs(numbers: readonly number[]): string {
  const found: { from: number; to: number }[] = [];
  for (const number of numbers) {
    const last = found.at(-1);
    if (last?.to === number - 1) last.to = number;
    else found.push({ from: number, to: number });
  }
  const parts = found.map(({ from, to }) => (from === to ? `${from}` : `${from}–${to}`));
  return `${numbers.length === 1 ? 'bar' : 'bars'} ${inList(parts)}`;
}
