import { midi, ticks } from '../base/units';
import { demoTunes } from '../testing/demo';
import { overChoruses } from './overChoruses';

/** A note at the beginning of every bar of so many choruses. */
const barsOfLine = (quarters: number, times: number) =>
  Array.from({ length: Math.floor((quarters * times) / 4) }, (_, bar) => ({
    ...{ at: ticks(bar * 1920), length: ticks(480), midi: midi(72), velocity: 80 },
  }));

it('a line of two choruses is heard to its end over every demo tune, the band under both alike', () => {
  let bars = 0;
  for (const { chorus, feel, tempo } of demoTunes()) {
    const { timeline } = chorus;
    const line = barsOfLine(timeline.length, 2);
    const plan = overChoruses({ timeline, path: [], feel, tempo, line }, 2);
    expect(plan.length).toBe(2 * timeline.length);
    const heard = plan.notes.filter(({ part }) => part === 'solo').map(({ at }) => at);
    expect(heard).toEqual(line.map(({ at }) => at / 480));
    const bass = plan.notes.filter(({ part, at }) => part === 'bass' && at >= 0);
    const round = (from: number): number[] =>
      bass
        .filter(({ at }) => at >= from && at < from + timeline.length)
        .map(({ at }) => Math.round((at - from) * 480));
    expect(round(timeline.length)).toEqual(round(0));
    expect(round(0).length).toBeGreaterThan(8);
    bars += line.length;
  }
  expect(bars).toBeGreaterThan(400);
});
