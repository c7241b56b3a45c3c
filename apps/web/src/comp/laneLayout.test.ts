import { midi, parseChart, ticks, timeline, type SoloNote } from '@drop-close/core';
import { layoutThreads, threadScale } from '../voice/threads/threadLayout';
import { drawnSolo, laneBars, placeAt, xAt } from './laneLayout';

const time = timeline(parseChart('| Dm7 | G7 | 3/4 Cmaj7 | A7 |').chart);
const scale = threadScale([], { low: 48, high: 72 });
const [system] = layoutThreads({ timeline: time, path: [], changes: [] }, scale, 800);
const bars = laneBars(system!, time);

const note = (pitch: number, at: number, length: number): SoloNote => ({
  midi: midi(pitch),
  at: ticks(at),
  length: ticks(length),
  velocity: 80,
});

describe('a lane', () => {
  it('has the bars of its system, each as long as its meter', () => {
    expect(bars.map(({ number, from, length }) => [number, from, length])).toEqual([
      [1, 0, 1920],
      [2, 1920, 1920],
      [3, 3840, 1440],
      [4, 5280, 1440],
    ]);
  });

  it('puts hits under the chords they are struck with', () => {
    system!.chords.forEach(({ x }, index) => {
      expect(xAt(bars, time.events[index]!.at * 480)).toBeCloseTo(x);
    });
  });

  it('finds the eighth again that stands at a place', () => {
    for (const { number, from, length } of bars) {
      for (let at = 0; at < length; at += 240) {
        expect(placeAt(bars, xAt(bars, from + at))).toEqual({ bar: number, at });
      }
    }
  });

  it('takes the nearest eighth, never one beyond the bar', () => {
    const [first] = bars;
    expect(placeAt(bars, first!.x)).toEqual({ bar: 1, at: 0 });
    expect(placeAt(bars, first!.x + first!.width - 0.5)).toEqual({ bar: 1, at: 1680 });
    expect(placeAt(bars, 0)).toBeUndefined();
  });
});

describe('a solo in a lane', () => {
  it('lies higher where it is higher, and is drawn only where the lane has bars', () => {
    const drawn = drawnSolo(bars, [note(60, 0, 480), note(72, 480, 480), note(64, 9000, 240)], 40);
    expect(drawn).toHaveLength(2);
    expect(drawn[1]!.y).toBeLessThan(drawn[0]!.y);
  });
  it('may come over from the system before', () => {
    const [over] = drawnSolo(bars, [note(60, -480, 960)], 40);
    expect(over!.x).toBeCloseTo(xAt(bars, 0));
  });
  it('is nothing where nobody solos', () => {
    expect(drawnSolo(bars, [], 40)).toEqual([]);
  });
});
