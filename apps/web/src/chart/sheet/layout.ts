import {
  slotStarts,
  writtenBars,
  barMeters,
  type Bar,
  type Chart,
  type ChartAnalysis,
  type Landmark,
  type LandmarkKind,
  type SectionAnalysis,
  type Timeline,
} from '@drop-close/core';

export const BARS_A_LINE = 4;
/** Landmarks drawn one above the other at most; the list has them all. */
export const LANES = { none: 0, few: 1, all: 3 } as const;

export interface SlotPlace {
  /** Position in its bar, from 0. */
  readonly slot: number;
  /** Beat it falls on, from 1. */
  readonly beat: number;
  /** Where it begins and how wide it is, as shares of the bar. */
  readonly from: number;
  readonly width: number;
  /** Position of its chord among those of the chorus, the first time it is played. */
  readonly event: number | undefined;
}

export interface SheetBar {
  readonly bar: Bar;
  /** Position among the written bars, from 0. */
  readonly at: number;
  /** Number in the chorus, the first time it is played; `undefined` when it never is. */
  readonly number: number | undefined;
  readonly slots: readonly SlotPlace[];
}

/** What a bar is called in a sentence. */
export const nameOfBar = ({ number }: SheetBar): string =>
  number === undefined ? 'Bar that is not played' : `Bar ${number}`;

export interface Bracket {
  readonly landmark: Landmark;
  /** Columns of the line, fractional: 1.5 is the middle of its second bar. */
  readonly from: number;
  readonly to: number;
  readonly lane: number;
  /** False where it comes over from the line before, or goes on to the next. */
  readonly begins: boolean;
  readonly ends: boolean;
}

export interface SheetLine {
  readonly bars: readonly SheetBar[];
  readonly brackets: readonly Bracket[];
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

/** Which landmarks are drawn first where there is not room for all. */
const DRAWN: readonly LandmarkKind[] = [
  'chain of keys',
  'ii–V–I',
  'turnaround',
  'backdoor',
  'line cliché',
  'pedal',
  'modal vamp',
  'tritone substitute',
  'passing diminished',
  'common-tone diminished',
  'chain of ii–Vs',
  'cycle of fifths',
  'ii–V',
  'V–I',
  'minor iv',
  'secondary dominant',
];
/** Named at the head of their block: they span all of it or more. */
const FORMS: readonly LandmarkKind[] = [
  '12-bar blues',
  'minor blues',
  'AABA',
  'ABAC',
  'rhythm A',
  'dominant-cycle bridge',
];

/** The chart in blocks and lines of four bars, with what was found in it. */
export function layoutSheet(
  chart: Chart,
  timeline: Timeline,
  analysis: ChartAnalysis | undefined,
  mostLanes: number = LANES.all,
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
    return { label, section, forms, lines: linesOf(block, timeline, analysis, mostLanes) };
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
): SheetLine[] {
  const lines: SheetLine[] = [];
  for (let first = 0; first < bars.length; first += BARS_A_LINE) {
    const line = bars.slice(first, first + BARS_A_LINE);
    const brackets = bracketsOf(line, timeline, analysis?.landmarks ?? [], mostLanes);
    const lanes = brackets.reduce((most, { lane }) => Math.max(most, lane + 1), 0);
    lines.push({ bars: line, brackets, lanes });
  }
  return lines;
}

/**
 * The brackets of one line, in as few lanes as hold them, the more telling ones lowest. What another says already
 * is drawn only where that one found no room.
 */
function bracketsOf(
  line: readonly SheetBar[],
  timeline: Timeline,
  landmarks: readonly Landmark[],
  mostLanes: number,
): Bracket[] {
  const lanes: Bracket[][] = [];
  const rank = ({ kind }: Landmark): number => DRAWN.indexOf(kind);
  const spans = landmarks
    .filter(({ kind }) => DRAWN.includes(kind))
    .flatMap((landmark) => spanIn(line, timeline, landmark) ?? [])
    .sort((a, b) => rank(a.landmark) - rank(b.landmark) || a.from - b.from);
  const isSaid = ({ landmark: { saidBy } }: Span): boolean =>
    (saidBy !== undefined && FORMS.includes(saidBy)) ||
    lanes.flat().some(({ landmark }) => landmark.kind === saidBy);
  const draw = (span: Span): void => {
    const free = lanes.findIndex((lane) => lane.every((other) => apart(other, span)));
    const lane = free < 0 ? lanes.length : free;
    if (lane < mostLanes) (lanes[lane] ??= []).push({ ...span, lane });
  };
  spans.filter(({ landmark }) => landmark.saidBy === undefined).forEach(draw);
  for (const span of spans) {
    if (span.landmark.saidBy !== undefined && !isSaid(span)) draw(span);
  }
  return lanes.flat();
}

type Span = Omit<Bracket, 'lane'>;

/** A gap between neighbours in one lane, in bars, so that their ends do not touch. */
const GAP = 0.04;
const apart = (a: { from: number; to: number }, b: { from: number; to: number }): boolean =>
  a.to + GAP <= b.from || b.to + GAP <= a.from;

/** The longest part of its last chord a bracket covers, in bars. */
const LAST_CHORD = 0.42;

/** Where a landmark lies in a line; only the first time its bars are played, and up to a jump back. */
function spanIn(
  line: readonly SheetBar[],
  timeline: Timeline,
  landmark: Landmark,
): Span | undefined {
  const { first, last } = landmark;
  const start = timeline.events[first];
  const firstTime = timeline.events.findIndex(
    ({ written, slot }) => written === start?.written && slot === start.slot,
  );
  if (!start || firstTime !== first) return undefined;
  let end = first;
  while (end < last && (timeline.events[end + 1]?.written ?? -1) >= timeline.events[end]!.written) {
    end += 1;
  }
  const columns = new Map(line.map(({ at }, column) => [at, column]));
  const inside = timeline.events
    .slice(first, end + 1)
    .map((event) => ({ event, column: columns.get(event.written) }))
    .filter(({ column }) => column !== undefined);
  const [head, tail] = [inside[0], inside.at(-1)];
  if (!head || !tail) return undefined;
  const begins = head.event === start;
  // Nothing but the chord it arrives at: the line before has said it.
  if (!begins && head === tail) return undefined;
  const ends = tail.event === timeline.events[end];
  const place = ({ event, column }: typeof head): { from: number; width: number } => {
    const slot = line[column!]!.slots[event.slot];
    return { from: column! + (slot?.from ?? 0), width: slot?.width ?? 1 };
  };
  const to = place(tail);
  return {
    landmark,
    from: begins ? place(head).from : 0,
    to: ends ? to.from + Math.min(to.width, LAST_CHORD) : line.length,
    begins,
    ends,
  };
}
