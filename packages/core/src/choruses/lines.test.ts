import { timeline } from '../chart/timeline';
import { parseChart } from '../chart/parseChart';
import { midi, ticks } from '../base/units';
import type { SoloLine } from '../comp/solo/types';
import { swungLine } from './lines';

const chorus = timeline(parseChart('| Dm7 | G7 |').chart);
const twice = timeline(parseChart('| Dm7 | G7 | Dm7 | G7 |').chart);

const line = (
  written: boolean,
  ...notes: readonly (readonly [at: number, length: number])[]
): SoloLine => ({
  written,
  notes: notes.map(([at, length]) => ({
    midi: midi(67),
    at: ticks(at),
    length: ticks(length),
    velocity: 80,
  })),
});
const heard = (solo: SoloLine, all = chorus): number[][] =>
  swungLine(solo, chorus, all, 2 / 3).map(({ at, length }) => [at, length]);

describe('a line as it is heard', () => {
  it('is swung where it is written straight', () => {
    expect(heard(line(true, [0, 240], [240, 240]))).toEqual([
      [0, 320],
      [320, 160],
    ]);
  });
  it('is left as it was played', () => {
    expect(heard(line(false, [10, 300]))).toEqual([[10, 300]]);
  });
  it('begins again with every chorus', () => {
    expect(heard(line(false, [0, 480], [3000, 480]), twice).map(([at]) => at)).toEqual([
      0, 3000, 3840, 6840,
    ]);
  });
  it('goes through once where it is as long as all choruses', () => {
    expect(heard(line(false, [0, 480], [7000, 480]), twice).map(([at]) => at)).toEqual([0, 7000]);
  });
  it('may have a pickup, which is heard once', () => {
    expect(heard(line(false, [-240, 240], [0, 480]), twice).map(([at]) => at)).toEqual([
      -240, 0, 3840,
    ]);
  });
});
