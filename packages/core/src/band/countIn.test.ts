import { countIn } from './countIn';

const FOUR = { beats: 4, unit: 4 } as const;
const THREE = { beats: 3, unit: 4 } as const;
const times = (...of: Parameters<typeof countIn>): number[] =>
  countIn(...of).notes.map(({ at }) => at);

describe('a count-in that fits the feel (common practice)', () => {
  it('is one bar of beats for a ballad', () => {
    expect(times(FOUR, 'ballad', 66)).toEqual([0, 1, 2, 3]);
    expect(countIn(FOUR, 'ballad', 66).length).toBe(4);
  });
  it('is one and three, then every beat, for a swing that moves', () => {
    expect(times(FOUR, 'swing', 160)).toEqual([0, 2, 4, 5, 6, 7]);
    expect(countIn(FOUR, 'swing', 160).length).toBe(8);
    expect(times(FOUR, 'swing', 70)).toEqual([0, 1, 2, 3]);
  });
  it('is one, then one two three, for a waltz', () => {
    expect(times(THREE, 'waltz', 148)).toEqual([0, 3, 4, 5]);
  });
  it('counts twelve eighths in four', () => {
    expect(times({ beats: 12, unit: 8 }, 'shuffle', 60)).toEqual([0, 1.5, 3, 4.5]);
  });
  it('makes the first of each bar stronger', () => {
    const { notes } = countIn(FOUR, 'swing', 160);
    const strong = Math.max(...notes.map(({ velocity }) => velocity));
    expect(notes.filter(({ velocity }) => velocity === strong).map(({ at }) => at)).toEqual([0, 4]);
  });
});
