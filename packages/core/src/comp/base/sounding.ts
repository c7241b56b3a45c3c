import { quartersInBar } from '../../chart/meter';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import type { Meter } from '../../chart/types';
import { ticks, type Ticks, quarters } from '../../base/units';
import { HIT_TIMES } from './data';
import { TICKS_PER_QUARTER, inTicks, swung } from './time';
import type { Hit } from './types';

/** A hit as it is heard, in ticks from the beginning of bar 1, swung. */
export interface SoundingHit {
  readonly hit: Hit;
  readonly at: Ticks;
  readonly end: Ticks;
  /** Position of the chord it plays among the events of the timeline. */
  readonly chord: number;
}

export interface SoundingRequest {
  readonly timeline: Timeline;
  /** Where the offbeat eighth falls, as a part of the quarter; meters of eighths do not swing. */
  readonly offbeat: number;
  /** The chorus comes round: a hit tied over its end takes the first chord. */
  readonly loop: boolean;
}

/**
 * When hits sound, how long, and which chord each plays, in order of time. Hits in bars that the chorus
 * does not have, after the end of their bar, before the first chord and under N.C. are passed over; of two at one
 * time the later in the list.
 *
 * A hit plays the chord of its moment, or the next one where it is tied into that from less than a quarter
 * before it: a push. No hit sounds into the next one, nor into its grace note.
 */
export function soundingHits(hits: readonly Hit[], request: SoundingRequest): SoundingHit[] {
  const placed = inOrder(hits, request.timeline);
  const swing = (time: Ticks, meter: Meter): Ticks =>
    meter.unit === 4 ? swung(time, request.offbeat) : time;
  const starts = placed.map(({ at, meter }) => swing(at, meter));
  const heardFrom = starts.map((at, i) =>
    placed[i]!.hit.touch === 'grace' ? ticks(at - HIT_TIMES.grace) : at,
  );
  return placed.flatMap(({ hit, at, meter }, i) => {
    const chord = chordOf(at, hit.length, request);
    if (chord === undefined || isSilent(request.timeline.events[chord])) return [];
    const written = swing(ticks(at + hit.length), meter);
    const next = heardFrom[i + 1] ?? endOf(request.timeline);
    const begin = starts[i]!;
    return [{ hit, chord, at: begin, end: endsAt(hit, begin, written, next, chord, request) }];
  });
}

/** Under N.C. the accompanist rests. */
const isSilent = (event: ChartEvent | undefined): boolean => event?.chord.kind === 'no chord';

interface Placed {
  readonly hit: Hit;
  /** Straight, from the beginning of bar 1. */
  readonly at: Ticks;
  readonly meter: Meter;
}

function inOrder(hits: readonly Hit[], { bars }: Timeline): Placed[] {
  const numbered = new Map(bars.map((bar) => [bar.number, bar]));
  const byTime = new Map<number, Placed>();
  for (const hit of hits) {
    const bar = numbered.get(hit.bar);
    if (!bar || hit.at >= inTicks(quartersInBar(bar.meter))) continue;
    const at = ticks(inTicks(bar.at) + hit.at);
    byTime.set(at, { hit, at, meter: bar.meter });
  }
  return [...byTime.values()].sort((a, b) => a.at - b.at);
}

const endOf = ({ length }: Timeline): Ticks => inTicks(length);

/** The chord a hit plays; none before the first. */
function chordOf(at: Ticks, length: Ticks, request: SoundingRequest): number | undefined {
  const { events } = request.timeline;
  const here = chordUnder(at, request.timeline);
  if (here < 0) return undefined;
  if (pushedInto(at, length, request.timeline) === undefined) return here;
  if (here + 1 < events.length) return here + 1;
  return request.loop ? 0 : here;
}

/** Position of the chord of a moment; -1 before the first. */
function chordUnder(at: number, { events }: Pick<Timeline, 'events'>): number {
  let [low, high] = [-1, events.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (inTicks(events[middle]!.at) <= at) low = middle;
    else high = middle - 1;
  }
  return low;
}

/**
 * The change that a hit is pushed into, from less than a quarter before it; none where it plays the chord of its
 * moment.
 * @param at straight, from the beginning of bar 1
 */
export function pushedInto(
  at: number,
  length: Ticks,
  timeline: Pick<Timeline, 'events'>,
): Ticks | undefined {
  const here = timeline.events[chordUnder(at, timeline)];
  if (!here) return undefined;
  const change = changeAfter(here);
  return at + length > change && change - at < TICKS_PER_QUARTER ? change : undefined;
}

const changeAfter = ({ at, length }: ChartEvent): Ticks => inTicks(quarters(at + length));

/** @param written where it ends as it is written, @param next where the next hit begins, both swung */
function endsAt(
  { hold }: Hit,
  begin: Ticks,
  written: Ticks,
  next: Ticks,
  chord: number,
  { timeline }: SoundingRequest,
): Ticks {
  const change = changeAfter(timeline.events[chord]!);
  switch (hold) {
    case 'short':
      return ticks(Math.min(begin + HIT_TIMES.short, written, later(next, begin, written)));
    case 'full':
      return ticks(Math.min(written, later(next, begin, written)));
    case 'let ring':
      return ticks(Math.min(later(next, begin, written), later(change, begin, written)));
  }
}

/** A time, if it lies after the beginning; a hit pushed over the end of the chorus rings as it is written. */
const later = (time: number, begin: Ticks, written: Ticks): number =>
  time > begin ? time : written;
