import { quartersInBar } from '../chart/meter';
import type { Timeline } from '../chart/timeline';
import { quarters, ticks } from '../base/units';
import { inTicks } from './base/time';
import type { Hit } from './base/types';

/** Every chord struck where it begins and again at each bar line while it lasts: nothing has been placed yet. */
export function plainHits({ events, bars }: Timeline): Hit[] {
  return bars.flatMap((bar): Hit[] => {
    const end = quarters(bar.at + quartersInBar(bar.meter));
    const begins = events.filter(({ at }) => at > bar.at && at < end).map(({ at }) => at);
    const sounds = events.some(({ at }) => at <= bar.at);
    const times = sounds ? [bar.at, ...begins] : begins;
    return times.map((at, position) => ({
      bar: bar.number,
      at: ticks(inTicks(at) - inTicks(bar.at)),
      length: ticks(inTicks(times[position + 1] ?? end) - inTicks(at)),
      hold: 'full',
      touch: 'plain',
      accent: false,
    }));
  });
}
