import { parseChart, ticks, timeline } from '@drop-close/core';
import { hitsInBar } from './hitsInBar';

const time = timeline(parseChart('| Dm7 | G7 |').chart);
const sounding = (bar: number, at: number, length: number, chord: number) => ({
  hit: {
    ...{ bar, at: ticks(at), length: ticks(length), accent: bar === 3 },
    ...({ hold: 'full', touch: 'plain' } as const),
  },
  at: ticks((bar - 1) * 1920 + at),
  end: ticks((bar - 1) * 1920 + at + length),
  chord,
});
const composed = {
  barsEach: 2,
  timeline: time,
  sounding: [sounding(1, 0, 960, 0), sounding(1, 1680, 480, 1), sounding(3, 480, 240, 0)],
};

it('hits stand where they are in their bar; one that plays the next chord is a push, cut at the bar line', () => {
  expect(hitsInBar(composed, time.bars[0]!, 0)).toEqual([
    { at: 0, length: 0.5, isPush: false, isAccented: false },
    { at: 0.875, length: 0.125, isPush: true, isAccented: false },
  ]);
  expect(hitsInBar(composed, time.bars[1]!, 0)).toEqual([]);
});

it('the second chorus has hits of its own over the same bars', () => {
  expect(
    hitsInBar(composed, time.bars[0]!, 1).map(({ at, isAccented }) => [at, isAccented]),
  ).toEqual([[0.25, true]]);
});
