import { barSlot } from './slot';
import type { Bar, Chart, Section } from './types';

/**
 * Edits of the laid-out chart. Each gives a new chart; written bars are counted from 0. A place that is
 * not there leaves the chart as it is.
 */

/** Bars a line of the text holds where an edit lays it out anew. */
const BARS_A_LINE = 4;
const HELD: Bar = {
  slots: [{ kind: 'hold' }],
  repeatStart: false,
  repeatEnd: false,
  lineBreaks: 0,
};

export const writtenBars = (chart: Chart): Bar[] => chart.sections.flatMap(({ bars }) => bars);

/** What of a bar may be set beside its chords. */
export type BarMarks = Partial<
  Pick<Bar, 'repeatStart' | 'repeatEnd' | 'ending' | 'meter' | 'words'>
>;

/** Writes the words of a bar anew: chords, `.` and `%`. No words make it a held bar. */
export function writeBar(chart: Chart, at: number, words: readonly string[]): Chart {
  const kept = words.flatMap((word) => word.trim() || []);
  const slots = kept.length ? kept.map(barSlot) : HELD.slots;
  return changeBar(chart, at, (bar) => ({ ...bar, slots }));
}

/** Sets repeat signs, ending, meter or words; `undefined` takes a mark away. */
export function markBar(chart: Chart, at: number, marks: BarMarks): Chart {
  return changeBar(chart, at, (bar) => {
    const { ending, meter, words, ...rest } = { ...bar, ...marks };
    return {
      ...rest,
      ...(ending === undefined ? {} : { ending }),
      ...(meter === undefined ? {} : { meter }),
      ...(words?.length ? { words } : {}),
    };
  });
}

/** A new bar before the one at `at`, or at the end; the chord before goes on in it until it is written. */
export function insertBar(chart: Chart, at: number, words: readonly string[] = []): Chart {
  const slots = words.length ? words.map(barSlot) : HELD.slots;
  return putBar(chart, at, { ...HELD, slots });
}

/** Takes a bar out; a section goes with its last bar. */
export function deleteBar(chart: Chart, at: number): Chart {
  return changeSections(chart, at, (bars, inside) => bars.filter((_, index) => index !== inside));
}

/** Moves a bar so that it stands at another place, counted with the bar itself taken out. */
export function moveBar(chart: Chart, from: number, to: number): Chart {
  const bar = writtenBars(chart)[from];
  if (!bar || from === to) return chart;
  return putBar(deleteBar(chart, from), to, bar);
}

/** Begins a section at a bar, or names anew the one that begins there. */
export function nameSection(chart: Chart, at: number, name: string): Chart {
  const place = placeOf(chart, at);
  if (!place) return chart;
  const { section, inside } = place;
  const { bars, ...rest } = chart.sections[section]!;
  const named = { lineBreaks: Math.max(1, rest.lineBreaks), name: name.trim() };
  const parts: Section[] =
    inside === 0
      ? [{ ...rest, ...named, lineBreaks: section ? named.lineBreaks : rest.lineBreaks, bars }]
      : [
          { ...rest, bars: bars.slice(0, inside) },
          { ...named, bars: laidOut(bars.slice(inside), 1) },
        ];
  return {
    ...chart,
    sections: chart.sections.flatMap((each, i) => (i === section ? parts : [each])),
  };
}

/** Takes away the label at a bar; its bars join the section before. */
export function joinSection(chart: Chart, at: number): Chart {
  const place = placeOf(chart, at);
  if (place?.inside !== 0) return chart;
  const { section } = place;
  const { bars, lineBreaks } = chart.sections[section]!;
  const before = chart.sections[section - 1];
  const joined = before
    ? { ...before, bars: laidOut([...before.bars, ...bars]) }
    : { lineBreaks, bars };
  const sections = chart.sections.flatMap((each, index) => {
    if (index === section) return [joined];
    return before && index === section - 1 ? [] : [each];
  });
  return { ...chart, sections };
}

interface BarPlace {
  readonly section: number;
  readonly inside: number;
}

function placeOf(chart: Chart, at: number): BarPlace | undefined {
  let first = 0;
  for (const [section, { bars }] of chart.sections.entries()) {
    if (at >= first && at < first + bars.length) return { section, inside: at - first };
    first += bars.length;
  }
  return undefined;
}

function changeBar(chart: Chart, at: number, change: (bar: Bar) => Bar): Chart {
  const place = placeOf(chart, at);
  if (!place) return chart;
  const sections = chart.sections.map((section, index) => {
    if (index !== place.section) return section;
    return {
      ...section,
      bars: section.bars.map((bar, i) => (i === place.inside ? change(bar) : bar)),
    };
  });
  return { ...chart, sections };
}

function changeSections(
  chart: Chart,
  at: number,
  change: (bars: readonly Bar[], inside: number) => readonly Bar[],
): Chart {
  const place = placeOf(chart, at);
  if (!place) return chart;
  const sections = chart.sections.flatMap((section, index) => {
    if (index !== place.section) return [section];
    const bars = laidOut(change(section.bars, place.inside), section.bars[0]?.lineBreaks);
    return bars.length ? [{ ...section, bars }] : [];
  });
  return { ...chart, sections };
}

function putBar(chart: Chart, at: number, bar: Bar): Chart {
  const count = writtenBars(chart).length;
  if (at < count) {
    return changeSections(chart, at, (bars, inside) => [
      ...bars.slice(0, inside),
      bar,
      ...bars.slice(inside),
    ]);
  }
  const last = chart.sections.at(-1);
  if (!last) return { ...chart, sections: [{ lineBreaks: 0, bars: [bar] }] };
  const bars = laidOut([...last.bars, bar], last.bars[0]?.lineBreaks);
  return { ...chart, sections: [...chart.sections.slice(0, -1), { ...last, bars }] };
}

/** Four bars a line; the first keeps its own break. */
const laidOut = (bars: readonly Bar[], first = bars[0]?.lineBreaks ?? 0): Bar[] =>
  bars.map((bar, at) => ({
    ...bar,
    lineBreaks: at === 0 ? first : Number(at % BARS_A_LINE === 0),
  }));
