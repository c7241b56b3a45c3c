import { beats, quarters } from '../../base/units';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import type { Split } from './types';

/** For each event the position of its chord among the whole ones. */
export function wholePositions(events: readonly ChartEvent[]): number[] {
  let whole = -1;
  return events.map(({ part = 0 }) => {
    if (part === 0) whole += 1;
    return whole;
  });
}

/** A timeline whose split chords are events of their own; splits past the end of their chord are left out. */
export function splitTimeline(time: Timeline, splits: readonly Split[]): Timeline {
  if (!splits.length) return time;
  const events = time.events.flatMap((event, whole) => {
    const cuts = splits
      .filter(({ at, after }) => at === whole && after > 0 && after < event.length)
      .map(({ after }) => after)
      .sort((a, b) => a - b);
    return [0, ...cuts].map((after, part): ChartEvent => {
      const until = cuts[part] ?? event.length;
      if (part === 0) return { ...event, length: quarters(until) };
      const place = { ...event.place, after };
      return {
        ...event,
        ...placeAt(time, event.at + after),
        length: quarters(until - after),
        part,
        place,
      };
    });
  });
  return { ...time, events };
}

/** Bar and beat of a moment. */
export function placeAt({ bars }: Timeline, at: number): Pick<ChartEvent, 'at' | 'bar' | 'beat'> {
  const inside = bars.filter((bar) => bar.at <= at).at(-1) ?? bars[0]!;
  const quarter = 4 / inside.meter.unit;
  return { at: quarters(at), bar: inside.number, beat: beats((at - inside.at) / quarter + 1) };
}
