import {
  slotStarts,
  writtenBars,
  barMeters,
  type Chart,
  type ChartAnalysis,
  type Landmark,
  type SectionAnalysis,
  type Timeline,
} from '@drop-close/core';
import { bracketsOf, FORMS, type Bracket } from './bracketLayout';
import type { SheetBar, SlotPlace } from './sheetBar';

/** Bars a line, where there is room for their symbols and on a phone. */
export const BARS_A_LINE = 4;
const BARS_ON_A_PHONE = 2;
/** A bar is no narrower, in pixels: the symbols of two chords would lie on one another. */
const NARROWEST_BAR = 110;

/** @param width of the sheet, in pixels */
export const barsALine = (width: number): number =>
  width / BARS_A_LINE < NARROWEST_BAR ? BARS_ON_A_PHONE : BARS_A_LINE;

/** Landmarks drawn one above the other at most; the list has them all. */
export const LANES = { none: 0, few: 1, all: 3 } as const;

export interface SheetLine {
  readonly bars: readonly SheetBar[];
  readonly brackets: readonly Bracket[];
  /** Of brackets, one above the other. One before anything is known, so that the bars hardly move when it is. */
  readonly lanes: number;
}

export interface SheetBlock {
  /** The label in the text, for a block that begins at one. */
  readonly label: string | undefined;
  readonly section: SectionAnalysis | undefined;
  /** Forms that begin here, named over the block. */
  readonly forms: readonly Landmark[];
  readonly lines: readonly SheetLine[];
}

/** The chart in blocks and lines of bars, with what was found in it. */
export function layoutSheet(
  chart: Chart,
  timeline: Timeline,
  analysis: ChartAnalysis | undefined,
  mostLanes: number = LANES.all,
  perLine = BARS_A_LINE,
): SheetBlock[] {
  const bars = sheetBars(chart, timeline);
  const starts = blockStarts(chart, timeline, analysis);
  return starts.map(({ at, label }, index) => {
    const end = starts[index + 1]?.at ?? bars.length;
    const block = bars.slice(at, end);
    const number = block[0]?.number;
    const section = analysis?.sections.find(({ fromBar }) => fromBar === number);
    const forms = (analysis?.landmarks ?? []).filter(
      ({ kind, fromBar }) => FORMS.includes(kind) && fromBar === number,
    );
    return { label, section, forms, lines: linesOf(block, timeline, analysis, mostLanes, perLine) };
  });
}

function sheetBars(chart: Chart, timeline: Timeline): SheetBar[] {
  const meters = barMeters(chart);
  const numbers = new Map<number, number>();
  for (const { written, number } of timeline.bars) {
    if (!numbers.has(written)) numbers.set(written, number);
  }
  const events = new Map<string, number>();
  timeline.events.forEach(({ written, slot }, index) => {
    const place = `${written}:${slot}`;
    if (!events.has(place)) events.set(place, index);
  });
  return writtenBars(chart).map((bar, at) => {
    const beats = meters[at]?.beats ?? chart.meter.beats;
    const { starts } = slotStarts(Math.max(1, bar.slots.length), beats);
    const slots = bar.slots.map((_, slot): SlotPlace => {
      const from = starts[slot] ?? 0;
      const until = starts[slot + 1] ?? beats;
      return {
        slot,
        beat: from + 1,
        from: from / beats,
        width: (until - from) / beats,
        event: events.get(`${at}:${slot}`),
      };
    });
    return { bar, at, number: numbers.get(at), slots };
  });
}

/** Blocks begin at labels, and where the analysis hears a phrase begin in a chart without them. */
function blockStarts(
  chart: Chart,
  timeline: Timeline,
  analysis: ChartAnalysis | undefined,
): { at: number; label: string | undefined }[] {
  const starts = new Map<number, string | undefined>();
  let at = 0;
  for (const section of chart.sections) {
    if (section.bars.length) starts.set(at, section.name);
    at += section.bars.length;
  }
  if (chart.sections.every(({ name }) => name === undefined)) {
    for (const { fromBar } of analysis?.sections ?? []) {
      const begin = timeline.bars.find(({ number }) => number === fromBar)?.written;
      if (begin !== undefined && begin < at && !starts.has(begin)) starts.set(begin, undefined);
    }
  }
  return [...starts].sort((a, b) => a[0] - b[0]).map(([begin, label]) => ({ at: begin, label }));
}

function linesOf(
  bars: readonly SheetBar[],
  timeline: Timeline,
  analysis: ChartAnalysis | undefined,
  mostLanes: number,
  perLine: number,
): SheetLine[] {
  const lines: SheetLine[] = [];
  for (let first = 0; first < bars.length; first += perLine) {
    const line = bars.slice(first, first + perLine);
    const brackets = bracketsOf(line, timeline, analysis?.landmarks ?? [], mostLanes);
    const unknown = analysis ? 0 : Math.min(1, mostLanes);
    const lanes = brackets.reduce((most, { lane }) => Math.max(most, lane + 1), unknown);
    lines.push({ bars: line, brackets, lanes });
  }
  return lines;
}
