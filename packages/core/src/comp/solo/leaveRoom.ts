import { quartersInBar } from '../../chart/meter';
import { ticks, type Ticks } from '../../base/units';
import { EIGHTH, TICKS_PER_QUARTER, inTicks } from '../base/time';
import type { Hit } from '../base/types';
import { roomFor, type LeaveRoomRequest, type SoloRoom } from './soloRoom';
import { endsLong, type Zone } from './zones';

export type Doing = 'kept' | 'moved' | 'shortened' | 'lengthened' | 'left out' | 'put in';

/** What was done with one hit, and why, in a player's words. */
export interface Decision {
  readonly bar: number;
  /** Where the hit stands, or stood when it was left out; written, from the beginning of the bar. */
  readonly at: Ticks;
  readonly doing: Doing;
  readonly why: string;
}

export interface RoomLeft {
  readonly hits: readonly Hit[];
  readonly decisions: readonly Decision[];
}

/** How far a hit is moved to find room, in eighths, the nearest first. */
const NEARBY = [1, -1, 2, -2];

/**
 * Hits that leave room for the soloist. What falls on the moving line goes to the nearest place beside it
 * or is left out; less strictly every second one stays, short, and least strictly all do. In a gap hits are
 * as long or as short as the phrase before ended, and end when the soloist comes in again; under a long
 * note they are held with it. What is left to ring rings. Source: common practice.
 */
export function leaveRoom(hits: readonly Hit[], request: LeaveRoomRequest): RoomLeft {
  const room = roomFor(request);
  const taken = new Set<string>();
  const kept: Hit[] = [];
  const decisions: Decision[] = [];
  let overLine = 0;
  for (const hit of inOrder(hits)) {
    const zone = room.zoneOf(hit);
    if (zone === undefined) continue;
    const [placed, decision] =
      zone.kind === 'line'
        ? besideTheLine(hit, room, request, () => (overLine += 1))
        : fitted(hit, zone, room);
    const key = placed && `${placed.bar} ${placed.at}`;
    if (key !== undefined && taken.has(key)) {
      decisions.push({ ...decision, doing: 'left out', why: 'There is a hit beside it already.' });
      continue;
    }
    decisions.push(decision);
    if (!placed || key === undefined) continue;
    taken.add(key);
    kept.push(placed);
  }
  return { hits: inOrder(kept), decisions };
}

export const inOrder = (hits: readonly Hit[]): Hit[] =>
  [...hits].sort((a, b) => a.bar - b.bar || a.at - b.at);

type Placed = readonly [placed: Hit | undefined, decision: Decision];

/** A hit on the moving line. */
function besideTheLine(
  hit: Hit,
  room: SoloRoom,
  { strictness }: LeaveRoomRequest,
  count: () => number,
): Placed {
  for (const eighths of NEARBY) {
    const beside = { ...hit, at: ticks(hit.at + eighths * EIGHTH) };
    const bar = room.barOf(hit.bar);
    const inside = bar && beside.at >= 0 && beside.at < inTicks(quartersInBar(bar.meter));
    const zone = inside ? room.zoneOf(beside) : undefined;
    if (!zone || zone.kind === 'line') continue;
    const [placed] = fitted(beside, zone, room);
    const where = zone.kind === 'gap' ? 'into the gap' : whereOf(zone);
    const why = `Moved ${eighths > 0 ? 'later' : 'earlier'}, off the line: ${where}.`;
    return [placed, { bar: hit.bar, at: beside.at, doing: 'moved', why }];
  }
  const stays = strictness === 1 || (strictness === 2 && count() % 2 === 1);
  const place = { bar: hit.bar, at: hit.at };
  if (!stays) return [undefined, { ...place, doing: 'left out', why: 'The soloist moves here.' }];
  const light: Hit = { ...room.cutOff(hit), accent: false };
  const doing = hit.hold === 'short' ? 'kept' : 'shortened';
  return [light, { ...place, doing, why: 'Over the line, so it is short and light.' }];
}

const whereOf = (zone: Zone): string =>
  zone.kind === 'long note' ? 'under a note that is held' : 'in the gap';

/** A hit where there is room, as long as it suits. */
function fitted(hit: Hit, zone: Zone, room: SoloRoom): Placed {
  const place = { bar: hit.bar, at: hit.at };
  if (hit.hold === 'let ring') return [hit, { ...place, doing: 'kept', why: ringsFrom(zone) }];
  switch (zone.kind) {
    case 'line':
      return [hit, { ...place, doing: 'kept', why: 'Over the line.' }];
    case 'long note': {
      const until = room.lengthTo(hit, zone.note.at + zone.note.length);
      const held = atMost(hit, until, room);
      const why = 'Under a note that is held.';
      return [held, { ...place, doing: doingOf(hit, held), why }];
    }
    case 'gap': {
      const answer = zone.after && endsLong(zone.after) ? long(hit) : short(hit, zone, room);
      const fits = zone.before ? atMost(answer, room.lengthTo(hit, zone.before.at), room) : answer;
      return [fits, { ...place, doing: doingOf(hit, fits), why: reasonFor(zone, fits) }];
    }
  }
}

const ringsFrom = (zone: Zone): string =>
  zone.kind === 'line' ? 'Over the line, left to ring.' : `Left to ring ${whereOf(zone)}.`;

const LONG = ticks(2 * TICKS_PER_QUARTER);

/** As long as it is, but long enough to answer a long note. */
const long = (hit: Hit): Hit =>
  hit.hold === 'short' ? { ...hit, hold: 'full', length: ticks(Math.max(hit.length, LONG)) } : hit;

/** After a phrase that ended short a hit is short; before the first phrase it stays as it is. */
const short = (hit: Hit, { after }: Extract<Zone, { kind: 'gap' }>, room: SoloRoom): Hit =>
  after && hit.hold !== 'short' ? room.cutOff(hit) : hit;

/** Cut where the soloist comes in or moves on; never shorter than an eighth. */
function atMost(hit: Hit, length: Ticks, room: SoloRoom): Hit {
  if (hit.hold === 'short') return hit;
  const most = ticks(Math.max(EIGHTH, length));
  const cut = ticks(Math.min(hit.length, most));
  return cut <= EIGHTH ? room.cutOff(hit) : { ...hit, length: cut };
}

function doingOf(before: Hit, after: Hit): Doing {
  const size = ({ hold, length }: Hit): number => (hold === 'short' ? 0 : length);
  if (size(after) === size(before)) return 'kept';
  return size(after) < size(before) ? 'shortened' : 'lengthened';
}

function reasonFor({ after, before }: Extract<Zone, { kind: 'gap' }>, { hold }: Hit): string {
  if (!after) return 'Before the soloist comes in.';
  const ended = endsLong(after) ? 'The phrase before ended long' : 'The phrase before ended short';
  const answer = hold === 'short' ? 'a short answer' : 'a long answer';
  return `${ended}: ${answer}${before ? '' : ' while the soloist rests'}.`;
}
