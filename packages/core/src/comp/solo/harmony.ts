/**
 * The harmony is told: behind a soloist most chords sound, and every one that the soloist leaves free.
 *
 * A chord that no hit plays gets one where the soloist rests or holds a note, as near to its beginning as that can
 * be. Where the soloist moves through all of it, it is struck softly and left to ring, on its beginning if nothing
 * speaks against it: of such chords as many as the strictness has it, those that carry the form first; where the
 * tune goes slowly all. A chord that its only hit leaves, pushed into the next, always gets another. Source:
 * common practice; how the places are weighed is our own judgement.
 */
import type { PlayedBar } from '../../chart/playOrder';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import { quarters, ticks } from '../../base/units';
import { soundingHits } from '../base/sounding';
import { TICKS_PER_QUARTER, inTicks } from '../base/time';
import type { Hit } from '../base/types';
import { inOrder, type Decision, type RoomLeft } from './leaveRoom';
import { placesIn, type Place } from './harmonyPlaces';
import type { LeaveRoomRequest } from './soloRoom';
import type { Strictness } from './types';

export interface Told {
  /** Chords of the timeline, rests not counted. */
  readonly chords: number;
  /** How many of them at least one hit plays. */
  readonly told: number;
}

/** How many chords sound. */
export function chordsTold(
  { events }: Pick<Timeline, 'events'>,
  played: readonly { readonly chord: number }[],
): Told {
  const heard = new Set(played.map(({ chord }) => chord));
  const chords = events.flatMap(({ chord }, at) => (chord.kind === 'chord' ? [at] : []));
  return { chords: chords.length, told: chords.filter((at) => heard.has(at)).length };
}

/** How many of the chords sound at least, however busy the soloist, by strictness. */
export const LEAST_TOLD: Readonly<Record<Strictness, number>> = { 1: 1, 2: 0.93, 3: 0.85 };

/** What carries the form: chords that last, that begin a bar, that begin a section. */
const WEIGHT = { lasts: 1, onOne: 2, section: 2 } as const;

/** A chord over which the soloist moves is struck so softly. */
const SOFT = 2;

export interface HarmonyRequest extends LeaveRoomRequest {
  /** The chorus comes round: what is pushed over its end plays the first chord. */
  readonly loop: boolean;
  /** No chord is left out, however busy the soloist: the chords go by slowly. Default false. */
  readonly everyChord?: boolean;
  /** Nothing is struck while the line sounds: the hand that would is at the line. Default false. */
  readonly onlyGaps?: boolean;
}

/**
 * Hits put in for chords that no hit plays.
 * @param plays whether the comp plays in a bar at all
 */
export function tellHarmony(
  left: RoomLeft,
  request: HarmonyRequest,
  plays: (bar: number) => boolean,
): RoomLeft {
  const { timeline, strictness } = request;
  const sounding = soundingHits(left.hits, request);
  const heard = new Set(sounding.map(({ chord }) => chord));
  const places = placesIn(left.hits, request, plays);
  const asked = timeline.events.flatMap(({ chord, bar }, at) =>
    chord.kind === 'chord' && plays(bar) ? [at] : [],
  );
  const untold = asked.filter((at) => !heard.has(at));
  const put: Found[] = [];
  const tell = (at: number, wanted: (found: Found) => boolean): void => {
    const place = places.find(at);
    if (!place || !wanted({ at, place })) return;
    places.take(place);
    put.push({ at, place });
  };
  const can = ({ place }: Found): boolean => !request.onlyGaps || place.zone.kind === 'gap';
  const must = ({ at, place }: Found): boolean =>
    place.zone.kind !== 'line' || isLeftByPush(at, timeline, sounding);
  for (const at of untold) tell(at, (found) => can(found) && must(found));
  const weight = (at: number): number => weightOf(timeline.events[at]!, timeline.bars);
  const share = request.everyChord ? 1 : LEAST_TOLD[strictness];
  const least = Math.ceil(share * asked.length) - (asked.length - untold.length);
  const covered = untold
    .filter((at) => !put.some((each) => each.at === at))
    .sort((a, b) => weight(b) - weight(a) || a - b);
  for (const at of covered) tell(at, (found) => can(found) && put.length < least);
  return withTold(left, put, timeline);
}

interface Found {
  /** Position of the chord. */
  readonly at: number;
  readonly place: Place;
}

/** A chord in whose time there is a hit that does not play it. */
const isLeftByPush = (
  at: number,
  { events, bars }: Timeline,
  sounding: readonly { readonly hit: Hit }[],
): boolean => {
  const { at: from, length } = events[at]!;
  const begins = new Map(bars.map(({ number, at: begin }) => [number, begin]));
  return sounding.some(({ hit }) => {
    const moment = inTicks(begins.get(hit.bar)!) + hit.at;
    return moment >= inTicks(from) && moment < inTicks(quarters(from + length));
  });
};

function weightOf({ at, length }: ChartEvent, bars: readonly PlayedBar[]): number {
  const bar = bars.find((each) => each.at === at);
  return (
    (length >= 4 ? WEIGHT.lasts : 0) +
    (bar ? WEIGHT.onOne : 0) +
    (bar?.section === undefined ? 0 : WEIGHT.section)
  );
}

function withTold(left: RoomLeft, found: readonly Found[], { events }: Timeline): RoomLeft {
  const put = found.map(({ at, place }): readonly [Hit, Decision] => {
    const event = events[at]!;
    const { bar, at: stands, zone, moment } = place;
    const length = ticks(inTicks(quarters(event.at + event.length)) - moment);
    const covered = zone.kind === 'line';
    const hit: Hit = {
      bar,
      at: stands,
      length,
      hold: length >= TICKS_PER_QUARTER ? 'let ring' : 'short',
      touch: 'plain',
      accent: false,
      ...(covered && { loudness: SOFT }),
    };
    const why = covered
      ? `The soloist plays all through ${event.chord.symbol}: one soft chord, so that the harmony is told.`
      : `${event.chord.symbol} had not sounded, and there is room.`;
    return [hit, { bar, at: stands, doing: 'put in', why }];
  });
  return {
    hits: inOrder([...left.hits, ...put.map(([hit]) => hit)]),
    decisions: [...left.decisions, ...put.map(([, decision]) => decision)],
  };
}
