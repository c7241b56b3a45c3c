import type { Landmark, LandmarkKind, Timeline } from '@drop-close/core';
import type { SheetBar } from './sheetBar';

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
export const FORMS: readonly LandmarkKind[] = [
  '12-bar blues',
  'minor blues',
  'AABA',
  'ABAC',
  'rhythm A',
  'dominant-cycle bridge',
];

/**
 * The brackets of one line, in as few lanes as hold them, the more telling ones lowest. What another says already
 * is drawn only where that one found no room.
 */
export function bracketsOf(
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
