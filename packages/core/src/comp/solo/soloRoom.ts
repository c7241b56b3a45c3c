import type { PlayedBar } from '../../chart/playOrder';
import type { Timeline } from '../../chart/timeline';
import { quarters, ticks, type Ticks } from '../../base/units';
import { pushedInto } from '../base/sounding';
import { EIGHTH, inTicks, swung } from '../base/time';
import type { Hit } from '../base/types';
import type { SoloNote, Strictness } from './types';
import { zonesOf, type Zone } from './zones';

export interface LeaveRoomRequest {
  readonly timeline: Timeline;
  /** As it is heard, over the whole timeline. */
  readonly line: readonly SoloNote[];
  /** Where the offbeat eighth falls, as a part of the quarter. */
  readonly offbeat: number;
  readonly strictness: Strictness;
}

/** Where hits stand in the solo. */
export interface SoloRoom {
  /** `undefined` in a bar that is not there. */
  readonly zoneOf: (place: Pick<Hit, 'bar' | 'at'>) => Zone | undefined;
  /** When a written place sounds. */
  readonly heardAt: (place: Pick<Hit, 'bar' | 'at'>) => Ticks | undefined;
  /** The straight length from a hit to a moment that is heard. */
  readonly lengthTo: (hit: Hit, moment: number) => Ticks;
  readonly barOf: (number: number) => PlayedBar | undefined;
  /** A hit cut off at once. One that is pushed keeps its tie, for it plays the chord it is tied into. */
  readonly cutOff: (hit: Hit) => Hit;
}

export function roomFor({
  timeline,
  line,
  offbeat,
}: Omit<LeaveRoomRequest, 'strictness'>): SoloRoom {
  const zoneAt = zonesOf(line);
  const bars = new Map(timeline.bars.map((bar) => [bar.number, bar]));
  const heardAt = ({ bar: number, at }: Pick<Hit, 'bar' | 'at'>): Ticks | undefined => {
    const bar = bars.get(number);
    if (!bar) return undefined;
    const straight = ticks(inTicks(bar.at) + at);
    return bar.meter.unit === 4 ? swung(straight, offbeat) : straight;
  };
  return {
    heardAt,
    zoneOf: (place) => {
      const at = heardAt(place);
      return at === undefined ? undefined : zoneAt(at);
    },
    lengthTo: (hit, moment) => {
      const at = heardAt(hit) ?? ticks(0);
      return ticks(Math.floor((moment - at) / EIGHTH) * EIGHTH);
    },
    barOf: (number) => bars.get(number),
    cutOff: (hit) => {
      const begin = bars.get(hit.bar)?.at ?? quarters(0);
      const pushed = pushedInto(inTicks(begin) + hit.at, hit.length, timeline) !== undefined;
      return { ...hit, hold: 'short', length: pushed ? hit.length : EIGHTH };
    },
  };
}
