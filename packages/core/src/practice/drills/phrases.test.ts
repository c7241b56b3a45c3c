import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { phrases } from './phrases';

const time = (bars: number) => timeline(parseChart('| C '.repeat(bars)).chart);
const some = (bars: number, seed: number, count = 40) => {
  const next = phrases(time(bars), seed);
  return Array.from({ length: count }, () => next());
};

describe('phrases to be played in time', () => {
  it('are four bars long, the last as long as the tune leaves it', () => {
    const found = new Set(some(10, 3).map((each) => `${each!.fromBar}-${each!.toBar}`));
    expect([...found].sort()).toEqual(['1-4', '5-8', '9-10']);
  });
  it('never come twice in a row, and the same seed gives the same', () => {
    const found = some(12, 5);
    expect(found.filter((each, at) => at > 0 && each === found[at - 1])).toEqual([]);
    expect(some(12, 5)).toEqual(found);
    expect(some(12, 6)).not.toEqual(found);
  });
  it('are the whole of a short tune, again and again, and none of an empty one', () => {
    expect(new Set(some(3, 1).map((each) => JSON.stringify(each))).size).toBe(1);
    expect(some(0, 1, 1)).toEqual([undefined]);
  });
});
