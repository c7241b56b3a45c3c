/** Where a chord that has not sounded can be struck. */
import type { Timeline } from '../../chart/timeline';
import { quarters, ticks, type Ticks } from '../../base/units';
import { barUnder } from '../base/barUnder';
import { EIGHTH, TICKS_PER_QUARTER, inTicks } from '../base/time';
import type { Hit } from '../base/types';
import { roomFor, type LeaveRoomRequest, type SoloRoom } from './soloRoom';
import type { Zone } from './zones';

/** What speaks against a place for a hit. */
const AGAINST = {
  zone: { gap: 0, 'long note': 0.5, line: 6 },
  /** The soloist strikes a note at the same moment. */
  together: 1,
  /** For each eighth after the chord has begun. */
  late: 0.5,
  /** An eighth before it begins. */
  pushed: 1,
  /** There is a hit an eighth before or after. */
  beside: 1,
} as const;

/** A note struck so near to a hit is struck with it. */
const TOGETHER = TICKS_PER_QUARTER / 8;
export interface Place {
  readonly bar: number;
  readonly at: Ticks;
  /** From the beginning of bar 1, straight. */
  readonly moment: number;
  readonly zone: Zone;
}

export interface Places {
  /** The place against which least speaks at which a chord can be struck; of equal ones the earliest. */
  readonly find: (chord: number) => Place | undefined;
  readonly take: (place: Place) => void;
}

export function placesIn(
  hits: readonly Hit[],
  { timeline, line, offbeat }: LeaveRoomRequest,
  plays: (bar: number) => boolean,
): Places {
  const room = roomFor({ timeline, line, offbeat });
  const placeAt = placeFinder(timeline, room);
  const taken = new Set(hits.map(({ bar, at }) => momentKey(bar, at)));
  const has = (moment: number): boolean => {
    const place = placeAt(moment);
    return place !== undefined && taken.has(momentKey(place.bar, place.at));
  };
  const struck = line.map(({ at }) => at);
  const against = ({ moment, zone, ...place }: Place, begins: number): number => {
    const heardAt = room.heardAt(place)!;
    const together = struck.some((at) => Math.abs(at - heardAt) < TOGETHER);
    const eighths = (moment - begins) / EIGHTH;
    return (
      AGAINST.zone[zone.kind] +
      (together && zone.kind === 'line' ? AGAINST.together : 0) +
      (eighths < 0 ? AGAINST.pushed : eighths * AGAINST.late) +
      (has(moment - EIGHTH) || has(moment + EIGHTH) ? AGAINST.beside : 0)
    );
  };
  const find = (chord: number): Place | undefined => {
    const { at, length } = timeline.events[chord]!;
    const begins = inTicks(at);
    const ends = inTicks(quarters(at + length));
    const moments: number[] = [];
    for (let moment: number = begins; moment < ends; moment += EIGHTH) moments.push(moment);
    // A push is a place of its chord where the soloist has left it, and where the chord before has sounded.
    if (chord > 0) moments.push(begins - EIGHTH);
    const places = moments.flatMap((moment): Place[] => {
      const place = placeAt(moment);
      if (!place || has(moment) || !plays(place.bar)) return [];
      return moment >= begins || place.zone.kind === 'gap' ? [place] : [];
    });
    const [first, ...others] = places;
    return others.reduce(
      (best, place) => (best && against(place, begins) < against(best, begins) ? place : best),
      first,
    );
  };
  return {
    find,
    take: ({ bar, at }) => {
      taken.add(momentKey(bar, at));
    },
  };
}

const momentKey = (bar: number, at: number): string => `${bar} ${at}`;

function placeFinder({ bars }: Timeline, room: SoloRoom): (moment: number) => Place | undefined {
  return (moment) => {
    const bar = barUnder(bars, moment);
    if (!bar) return undefined;
    const place = { bar: bar.number, at: ticks(moment - inTicks(bar.at)) };
    const zone = room.zoneOf(place);
    return zone && { ...place, moment, zone };
  };
}
