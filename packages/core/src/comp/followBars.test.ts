import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { ticks } from '../units';
import { followBars } from './followBars';
import type { Hit } from './types';

const hit = (bar: number): Hit => ({
  bar,
  at: ticks(0),
  length: ticks(240),
  hold: 'short',
  touch: 'plain',
  accent: false,
});
const after = (before: string, now: string, ...bars: number[]): number[] =>
  followBars(bars.map(hit), time(before), time(now)).map(({ bar }) => bar);
const time = (text: string) => timeline(parseChart(text).chart);

describe('hits, when the chart is edited', () => {
  it('stay in their bars when bars are put in before or between', () => {
    expect(after('| C | F | G |', '| A | C | F | G |', 1, 2, 3)).toEqual([2, 3, 4]);
    expect(after('| C | F | G |', '| C | A | F | G |', 1, 2, 3)).toEqual([1, 3, 4]);
  });
  it('go with bars that are taken out', () => {
    expect(after('| C | F | G |', '| C | G |', 1, 2, 3)).toEqual([1, 2]);
    expect(after('| C | F | G |', '| C | F |', 1, 2, 3)).toEqual([1, 2]);
  });
  it('stay where a chord becomes another', () => {
    expect(after('| C | F | G |', '| C | Fm | G |', 1, 2, 3)).toEqual([1, 2, 3]);
  });
  it('follow in every chorus', () => {
    expect(after('| C | F |', '| A | C | F |', 1, 2, 3, 4)).toEqual([2, 3, 5, 6]);
  });
});
