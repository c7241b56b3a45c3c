import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { soundingHits } from '../base/sounding';
import { PATTERNS } from './data';
import { anticipates, layPattern, patternOf, readBar } from './patterns';
import { PATTERN_FAMILIES } from './types';

/** Beats from 1 at which the hits of a bar begin. */
const beats = (text: string): number[] => readBar(text, 1).map(({ at }) => at / 480 + 1);

describe('a bar of a pattern', () => {
  it('has a hit for each sign, as long as it goes on', () => {
    expect(beats('o--x....')).toEqual([1, 2.5]);
    expect(readBar('o--x....', 5)).toMatchObject([
      { bar: 5, length: 720, hold: 'full', accent: false },
      { bar: 5, length: 240, hold: 'short', accent: false },
    ]);
    expect(readBar('~-X.', 1)).toMatchObject([
      { hold: 'let ring', length: 480 },
      { hold: 'short', accent: true },
    ]);
  });
  it('says where it cannot be read', () => {
    expect(() => readBar('.-', 1)).toThrow('“.-” has “-” at 2, where no hit goes on');
    expect(() => readBar('x?', 1)).toThrow('“x?” has “?” at 2');
  });
});

describe('the patterns', () => {
  it('fill their bars, each by its own name', () => {
    expect(new Set(PATTERNS.map(({ id }) => id)).size).toBe(PATTERNS.length);
    for (const { id, quarters, bars } of PATTERNS) {
      for (const bar of bars) {
        expect(`${id} ${bar.replace('>', '').length}`).toBe(`${id} ${quarters * 2}`);
        expect(() => readBar(bar, 1)).not.toThrow();
      }
    }
  });
  it('come in every family', () => {
    expect(new Set(PATTERNS.map(({ family }) => family))).toEqual(new Set(PATTERN_FAMILIES));
  });
  it('have more hits the denser they are', () => {
    const mean = (density: number): number => {
      const here = PATTERNS.filter((pattern) => pattern.density === density);
      const perBar = here.map(({ bars }) => layPattern({ ...here[0]!, bars }, 1, bars.length));
      const hits = perBar.reduce((sum, list) => sum + list.length, 0);
      return hits / here.reduce((sum, { bars }) => sum + bars.length, 0);
    };
    const means = [1, 2, 3, 4, 5].map(mean);
    expect(means).toEqual([...means].sort((a, b) => a - b));
  });
  it('hold the figures every accompanist knows (common practice)', () => {
    expect(beats(patternOf('four')!.bars[0]!)).toEqual([1, 2, 3, 4]);
    expect(beats(patternOf('two')!.bars[0]!)).toEqual([1, 3]);
    expect(beats(patternOf('charleston')!.bars[0]!)).toEqual([1, 2.5]);
    expect(beats(patternOf('charleston-2')!.bars[0]!)).toEqual([2, 3.5]);
    expect(beats(patternOf('push')!.bars[0]!)).toEqual([4.5]);
  });
});

it('takes turns over the bars it is laid on', () => {
  const bossa = patternOf('bossa')!;
  const hits = layPattern(bossa, 3, 6);
  expect(hits.filter(({ bar }) => bar === 3).map(({ at }) => at)).toEqual([0, 720, 1440]);
  expect(hits.filter(({ bar }) => bar === 4).map(({ at }) => at)).toEqual([480, 1200]);
  expect(hits.filter(({ bar }) => bar === 5)).toHaveLength(3);
  expect(layPattern(bossa, 2, 1)).toEqual([]);
});

it('plays the chord of the next bar where it is tied over the bar line, and only there', () => {
  const { chart } = parseChart('| Dm7 | G7 | Cmaj7 | A7 |');
  const asked = { timeline: timeline(chart), offbeat: 2 / 3, loop: true };
  for (const pattern of PATTERNS.filter(({ quarters }) => quarters === 4)) {
    const sounding = soundingHits(layPattern(pattern, 1, 4), asked);
    const ahead = sounding.some(({ hit, chord }) => chord !== hit.bar - 1);
    expect(`${pattern.id} ${ahead}`).toBe(`${pattern.id} ${anticipates(pattern)}`);
  }
});
