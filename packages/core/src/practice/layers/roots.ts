import type { Timeline } from '../../chart/timeline';
import { quartersInBar } from '../../chart/meter';
import type { ChordTone } from '../../chord/types';
import { inTicks } from '../../comp/base/time';
import { quarters, ticks, type Quarters } from '../../base/units';
import { atLeastAnOctave, placed } from './tones';
import type { LayerNote, LineRange } from './types';

/** Bars of so many beats, or of a multiple of it, have a second strong one in their middle. */
const HALVED = 4;

/**
 * The root of each chord where it comes in, and again on the strong beats while it lasts (on one and three in
 * four, on one in three), each by the nearer way from the one before; of two ways as near, down. Source: common
 * practice.
 */
export function rootLine(time: Timeline, wanted: LineRange): LayerNote[] {
  const range = atLeastAnOctave(wanted);
  const strong = strongBeats(time);
  let before: number | undefined;
  return time.events.flatMap(({ chord, at, length }, event) => {
    if (chord.kind !== 'chord') return [];
    const root: ChordTone = { degree: 'R', note: chord.root };
    const heights = placed([root], range);
    const from = before;
    const tone =
      from === undefined
        ? heights[0]!
        : heights.reduce((best, next) =>
            Math.abs(next.midi - from) < Math.abs(best.midi - from) ? next : best,
          );
    before = tone.midi;
    const end = at + length;
    const starts = [at, ...strong.filter((beat) => beat > at && beat < end)];
    return starts.map((start, part) => ({
      ...tone,
      event,
      at: inTicks(quarters(start)),
      length: ticks(inTicks(quarters((starts[part + 1] ?? end) - start))),
    }));
  });
}

/** The beginning of every bar and the middle of those in four. */
const strongBeats = ({ bars }: Timeline): Quarters[] =>
  bars.flatMap(({ at, meter }) => {
    const inTwo = meter.beats % HALVED === 0 && meter.unit <= HALVED;
    return inTwo ? [at, quarters(at + quartersInBar(meter) / 2)] : [at];
  });
