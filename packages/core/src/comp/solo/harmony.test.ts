import { parseChart } from '../../chart/parseChart';
import { timeline, type Timeline } from '../../chart/timeline';
import { midi, ticks } from '../../base/units';
import { soundingHits } from '../base/sounding';
import { layPattern, patternOf } from '../patterns/patterns';
import type { Hit } from '../base/types';
import { LEAST_TOLD, chordsTold, tellHarmony } from './harmony';
import type { SoloNote, Strictness } from './types';

const barsOf = (text: string): Timeline => timeline(parseChart(text).chart);

/** A line in eighths from one quarter up to another. */
const eighths = (from: number, to: number): SoloNote[] =>
  Array.from({ length: (to - from) * 2 }, (_, at) => ({
    midi: midi(74 + (at % 3)),
    at: ticks((from + at / 2) * 480),
    length: ticks(240),
    velocity: 84,
  }));

const tell = (
  text: string,
  line: readonly SoloNote[],
  hits: readonly Hit[] = [],
  strictness: Strictness = 3,
) =>
  tellHarmony(
    { hits, decisions: [] },
    { timeline: barsOf(text), line, offbeat: 0.5, strictness, loop: true },
    () => true,
  );

const shown = (hits: readonly Hit[]): string =>
  hits
    .map(({ bar, at, hold, loudness = 3 }) => `${bar}:${at / 480 + 1} ${hold} ${loudness}`)
    .join(', ');

const told = (text: string, hits: readonly Hit[]): number => {
  const line = barsOf(text);
  return chordsTold(line, soundingHits(hits, { timeline: line, offbeat: 0.5, loop: true })).told;
};

describe('the harmony behind a soloist (common practice)', () => {
  it('has every chord whose span is left free, where it begins', () => {
    expect(shown(tell('| Dm7 | G7 | Cmaj7 |', eighths(3, 8)).hits)).toBe(
      '1:1 let ring 3, 2:1 let ring 2, 3:1 let ring 3',
    );
  });
  it('is pushed into a chord that the soloist covers, from the gap before it', () => {
    const hits = tell('| Dm7 | G7 |', eighths(4, 8)).hits;
    expect(shown(hits)).toBe('1:1 let ring 3, 1:4.5 let ring 3');
    expect(told('| Dm7 | G7 |', hits)).toBe(2);
  });
  it('finds the gap in a chord that the soloist leaves half free', () => {
    // The line runs through beats 1 and 2 of the bar.
    const { hits, decisions } = tell('| Dm7 |', eighths(0, 2));
    expect(shown(hits)).toBe('1:3 let ring 3');
    expect(decisions).toMatchObject([
      { bar: 1, at: 960, doing: 'put in', why: 'Dm7 had not sounded, and there is room.' },
    ]);
  });
  it('gives the chord that a push leaves one of its own', () => {
    const push = layPattern(patternOf('push')!, 1, 1);
    const hits = tell('| Dm7 | G7 |', eighths(0, 3.5), push).hits;
    expect(told('| Dm7 | G7 |', push)).toBe(1);
    expect(told('| Dm7 | G7 |', hits)).toBe(2);
    expect(shown(hits)).toBe('1:1 let ring 2, 1:4.5 full 3');
  });
  it('under a line that never rests tells as many chords as the strictness has it, softly', () => {
    const text = '| Dm7 G7 | Em7 A7 | Dm7 G7 | C6 A7 | Dm7 G7 | Em7 A7 | Dm7 G7 | C6 |';
    for (const strictness of [1, 2, 3] as const) {
      const { hits, decisions } = tell(text, eighths(0, 32), [], strictness);
      expect(told(text, hits)).toBe(Math.ceil(15 * LEAST_TOLD[strictness]));
      expect(hits.every(({ loudness, accent }) => loudness === 2 && !accent)).toBe(true);
      expect(decisions).toHaveLength(hits.length);
    }
  });
  it('leaves out chords in the second half of a bar first', () => {
    const text = '| Dm7 G7 | Em7 A7 | Dm7 G7 | C6 A7 |';
    const { hits } = tell(text, eighths(0, 16), []);
    const onOne = new Set(hits.filter(({ at }) => at < 960).map(({ bar }) => bar));
    expect([...onOne]).toEqual([1, 2, 3, 4]);
  });
  it('rests where the comp rests', () => {
    const { hits } = tellHarmony(
      { hits: [], decisions: [] },
      {
        ...{ timeline: barsOf('| Dm7 | G7 |'), line: [], offbeat: 0.5 },
        ...{ strictness: 3, loop: false },
      },
      (bar) => bar === 2,
    );
    expect(shown(hits)).toBe('2:1 let ring 3');
  });
});
