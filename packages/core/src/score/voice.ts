/**
 * A voice as it is written. Problem: notes as they are meant, in ticks, become values that fill every bar. Phases: each note
 * ends where the next begins; begins and ends come to the nearest place of their beat, in sixteenths or, where that is
 * nearer, in triplets; every bar is filled with notes and rests, parted where a reader wants to see a beat; parts of one
 * note are tied, also over the bar line. Swing is written straight. Source: common practice of engraving.
 */
import { ticks, type Ticks } from '../base/units';
import { TICKS_PER_QUARTER } from '../comp/base/time';
import type { Moment, NoteValue, ScoreMeasure, WrittenNote } from './types';
import { gridOfBar, tripletOf, written } from './values';

/** A note of a voice; ties are worked out. */
export type Pitched = Omit<WrittenNote, 'tiedFrom' | 'tiedTo'>;

/** Notes struck together. */
export interface Struck {
  /** From the beginning of the score. */
  readonly at: Ticks;
  readonly length: Ticks;
  readonly notes: readonly Pitched[];
}

const SIXTEENTH = TICKS_PER_QUARTER / 4;
const TRIPLET = TICKS_PER_QUARTER / 3;

interface Placed {
  readonly from: number;
  readonly to: number;
  readonly notes: readonly Pitched[];
}

/** The moments of every measure. Of what begins at one place the last counts; what is too short has a sixteenth. */
export function writeVoice(
  struck: readonly Struck[],
  measures: readonly ScoreMeasure[],
): readonly Moment[][] {
  const last = measures.at(-1);
  const end = last ? last.at + last.length : 0;
  const { placed, triplets } = quantised(oneAtATime(struck, end));
  return measures.map((measure) => barOf(placed, measure, triplets));
}

/** @param end of the score, beyond which nothing is held */
function oneAtATime(struck: readonly Struck[], end: number): Placed[] {
  const sorted = struck.filter(({ at }) => at < end).sort((a, b) => a.at - b.at);
  return sorted.flatMap(({ at, length, notes }, position) => {
    const next = sorted[position + 1]?.at ?? end;
    return next === at ? [] : [{ from: at, to: Math.min(at + length, next), notes }];
  });
}

/** @returns beside the notes, the quarters that are in triplets, by their number */
function quantised(notes: readonly Placed[]): {
  readonly placed: readonly Placed[];
  readonly triplets: ReadonlySet<number>;
} {
  const quarterOf = (at: number): number => Math.floor((at + SIXTEENTH / 4) / TICKS_PER_QUARTER);
  const inQuarter = new Map<number, number[]>();
  for (const at of notes.flatMap(({ from, to }) => [from, to])) {
    const quarter = quarterOf(at);
    inQuarter.set(quarter, [...(inQuarter.get(quarter) ?? []), at - quarter * TICKS_PER_QUARTER]);
  }
  const off = (offsets: readonly number[], step: number): number =>
    offsets.reduce((sum, each) => sum + Math.abs(each - Math.round(each / step) * step), 0);
  const triplets = new Set(
    [...inQuarter].flatMap(([quarter, offsets]) =>
      off(offsets, TRIPLET) < off(offsets, SIXTEENTH) ? quarter : [],
    ),
  );
  const nearest = (at: number): number => {
    const quarter = quarterOf(at);
    const step = triplets.has(quarter) ? TRIPLET : SIXTEENTH;
    const start = quarter * TICKS_PER_QUARTER;
    return start + Math.round((at - start) / step) * step;
  };
  const placed = notes.map(({ from, to, notes: own }) => ({
    from: nearest(from),
    to: nearest(to),
    notes: own,
  }));
  const apart = placed.flatMap((each, position) => {
    const next = placed[position + 1]?.from ?? Infinity;
    const step = triplets.has(quarterOf(each.from)) ? TRIPLET : SIXTEENTH;
    const to = Math.min(next, Math.max(each.to, each.from + step));
    return to > each.from ? [{ ...each, to }] : [];
  });
  return { placed: apart, triplets };
}

function barOf(
  placed: readonly Placed[],
  { at: start, length, meter }: ScoreMeasure,
  triplets: ReadonlySet<number>,
): Moment[] {
  const end = start + length;
  const own = placed.filter(({ from, to }) => from < end && to > start);
  if (!own.length) {
    const value: NoteValue = { base: 'whole', dots: 0, triplet: false, length };
    return [{ at: ticks(0), value, notes: [], wholeBar: true }];
  }
  const grid = gridOfBar(meter);
  const moments: Moment[] = [];
  let now: number = start;
  const write = (from: number, to: number, of?: Placed): void => {
    const parts = parted(from, to, triplets).flatMap(([first, last]) => {
      const triplet = tripletOf(last - first);
      const inTriplet = triplets.has(Math.floor(first / TICKS_PER_QUARTER));
      return inTriplet && triplet
        ? [{ at: ticks(first - start), value: triplet }]
        : written(grid, first - start, last - start, !of);
    });
    for (const { at, value } of parts) {
      const begins = start + at;
      const notes = (of?.notes ?? []).map((note) => ({
        ...note,
        tiedFrom: begins > of!.from,
        tiedTo: begins + value.length < of!.to,
      }));
      moments.push({ at, value, notes });
    }
  };
  for (const each of own) {
    const [from, to] = [Math.max(start, each.from), Math.min(end, each.to)];
    if (from > now) write(now, from);
    write(from, to, each);
    now = to;
  }
  if (now < end) write(now, end);
  return moments;
}

/** A stretch, parted where it enters and leaves quarters in triplets. */
function parted(
  from: number,
  to: number,
  triplets: ReadonlySet<number>,
): (readonly [number, number])[] {
  const parts: (readonly [number, number])[] = [];
  let start = from;
  for (let now = from; now < to;) {
    const quarter = Math.floor(now / TICKS_PER_QUARTER);
    const next = Math.min(to, (quarter + 1) * TICKS_PER_QUARTER);
    const isTriplet = triplets.has(quarter);
    if (isTriplet && start < now) {
      parts.push([start, now]);
      start = now;
    }
    if (isTriplet || next === to) {
      parts.push([start, next]);
      start = next;
    }
    now = next;
  }
  return parts;
}
