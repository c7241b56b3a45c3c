import { parseChart, timeline } from '@drop-close/core';
import { standRows } from './standRows';

const rows = (text: string): string[] =>
  standRows(timeline(parseChart(text).chart)).map(
    ({ bars, section }) => `${section ?? ''}:${bars.map(({ number }) => number).join(' ')}`,
  );

describe('rows on the stand', () => {
  it('hold four bars each', () => {
    expect(rows('| C | F | C | G | C | F |')).toEqual([':1 2 3 4', ':5 6']);
  });
  it('begin anew with a section', () => {
    expect(rows('[A]\n| C | F |\n[B]\n| G | C |')).toEqual(['A:1 2', 'B:3 4']);
  });
  it('have a pickup before the first of four', () => {
    expect(rows('pickup: 1\n| G7 | C | F | C | G | C |')).toEqual([':0 1 2 3 4', ':5']);
    expect(rows('pickup: 1\n[Intro]\n| G7 | C |\n[A]\n| F | C |')).toEqual(['Intro:0 1', 'A:2 3']);
    expect(rows('pickup: 1\n| G7 |\n[A]\n| C | F |')).toEqual(['A:0 1 2']);
  });
});
