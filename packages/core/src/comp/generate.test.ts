import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import type { Feel } from '../chart/types';
import { chanceFrom } from './base/chance';
import { generateHits, type GenerateRequest } from './generate';
import { PATTERNS } from './patterns/data';
import { vocabularyOf } from './patterns/patterns';
import { STEADY_FAMILIES, type Density } from './patterns/types';

const BLUES = '[Blues]\n| C7 | F7 | C7 | C7 |\n| F7 | F7 | C7 | A7 |\n| Dm7 | G7 | C7 | G7 |';

const request = (change: Partial<GenerateRequest> = {}, text = BLUES): GenerateRequest => ({
  timeline: timeline(parseChart(text).chart),
  feel: 'swing',
  density: 3,
  seed: 1,
  ...change,
});

const SEEDS = Array.from({ length: 30 }, (_, seed) => seed);

describe('hits for a chorus', () => {
  it('are the same from the same seed, and others from another', () => {
    expect(generateHits(request())).toEqual(generateHits(request()));
    const all = SEEDS.map((seed) => JSON.stringify(generateHits(request({ seed })).hits));
    expect(new Set(all).size).toBe(SEEDS.length);
  });

  it('cover every bar once, in patterns of its meter and feel', () => {
    for (const seed of SEEDS) {
      const { laid } = generateHits(request({ seed }));
      const bars = laid.flatMap(({ fromBar, toBar }) =>
        Array.from({ length: toBar - fromBar + 1 }, (_, at) => fromBar + at),
      );
      expect(bars).toEqual(Array.from({ length: 12 }, (_, at) => at + 1));
      for (const { pattern } of laid) {
        expect(pattern.quarters).toBe(4);
        expect(pattern.feels).toContain('swing');
      }
    }
  });

  it('are more the greater the density', () => {
    const hits = ([1, 2, 3, 4, 5] as Density[]).map((density) =>
      SEEDS.reduce((sum, seed) => sum + generateHits(request({ seed, density })).hits.length, 0),
    );
    expect(hits).toEqual([...hits].sort((a, b) => a - b));
    expect(new Set(hits).size).toBe(5);
  });

  it('keep one family for a phrase, and seldom say the same twice unless it lives by that', () => {
    let [again, bars] = [0, 0];
    for (const seed of SEEDS) {
      const { laid } = generateHits(request({ seed }));
      for (const { fromBar, pattern } of laid) {
        const phrase = laid.filter(
          (each) => Math.ceil(each.fromBar / 4) === Math.ceil(fromBar / 4),
        );
        expect(new Set(phrase.map((each) => each.pattern.family)).size).toBe(1);
        if (STEADY_FAMILIES.includes(pattern.family)) continue;
        const next = phrase.find((each) => each.fromBar === fromBar + 1);
        bars += next ? 1 : 0;
        again += next?.pattern === pattern ? 1 : 0;
      }
    }
    expect(bars).toBeGreaterThan(100);
    expect(again / bars).toBeLessThan(0.1);
  });

  it('are of the families asked for', () => {
    const { laid } = generateHits(request({ families: ['pushes'] }));
    expect(laid.every(({ pattern }) => pattern.family === 'pushes')).toBe(true);
  });

  it('are those of a waltz in three, and on one where no pattern is at home', () => {
    const waltz = generateHits(request({ feel: 'waltz' }, 'meter: 3/4\n| Dm7 | G7 | C6 | A7 |'));
    expect(waltz.laid.every(({ pattern }) => pattern.family === 'waltz')).toBe(true);
    const five = generateHits(request({}, 'meter: 5/4\n| Dm7 | G7 |'));
    expect(five.hits).toMatchObject([
      { bar: 1, at: 0, length: 2400, hold: 'let ring' },
      { bar: 2, at: 0, length: 2400, hold: 'let ring' },
    ]);
  });

  it('leave a pickup to the soloist, and a chorus of nothing empty', () => {
    const { hits } = generateHits(request({}, 'pickup: 1\n| G7 | C6 | C6 |'));
    expect(Math.min(...hits.map(({ bar }) => bar))).toBeGreaterThanOrEqual(1);
    expect(generateHits(request({}, '')).hits).toEqual([]);
  });
});

const FOUR = ['swing', 'straight', 'ballad', 'latin', 'shuffle'] as const;
const WALTZ = `meter: 3/4\n| ${'Dm7 | G7 | C6 | A7 | '.repeat(4)}`;

describe('two choruses of one set', () => {
  /** The rhythms of two choruses that share a vocabulary, or each has its own. */
  const twoOf = (feel: Feel, seed: number, shared: boolean): [Set<string>, string[]] => {
    const text = feel === 'waltz' ? WALTZ : `| ${'Dm7 | G7 | C6 | A7 | '.repeat(4)}`;
    const laid = [0, 1].map((chorus) => {
      const vocabulary = vocabularyOf(shared ? seed : seed + 1000 * chorus);
      const asked = request({ feel, seed: seed + 101 * chorus, vocabulary }, text);
      return generateHits(asked).laid.map(({ pattern }) => pattern.id);
    });
    return [new Set(laid[0]), laid[1]!];
  };
  const alike = (feel: Feel, shared: boolean): number => {
    const parts = SEEDS.map((seed) => {
      const [first, second] = twoOf(feel, seed, shared);
      return second.filter((id) => first.has(id)).length / second.length;
    });
    return parts.reduce((sum, each) => sum + each, 0) / parts.length;
  };

  it.each([...FOUR, 'waltz'] as const)('differ and still belong together, in a %s', (feel) => {
    for (const seed of SEEDS) {
      const [first, second] = twoOf(feel, seed, true);
      expect([...first].join()).not.toBe(second.join());
    }
    expect(alike(feel, true)).toBeGreaterThan(alike(feel, false) + 0.05);
  });
  it.each([...FOUR, 'waltz'] as const)('have rhythms enough, in a %s', (feel) => {
    const quarters = feel === 'waltz' ? 3 : 4;
    const own = PATTERNS.filter((each) => each.feels.includes(feel) && each.quarters === quarters);
    expect(own.length).toBeGreaterThanOrEqual(10);
    expect(own.filter(({ feels }) => feels[0] === feel).length).toBeGreaterThanOrEqual(4);
  });
  it('have rhythms of their own in a slow blues in twelve eighths', () => {
    const { laid } = generateHits(
      request({ feel: 'shuffle' }, 'meter: 12/8\n| C7 | F7 | C7 | G7 |'),
    );
    expect(laid.map(({ pattern }) => pattern.quarters)).toEqual(laid.map(() => 6));
    expect(laid.every(({ pattern }) => pattern.family === 'shuffle')).toBe(true);
  });
});

describe('chance', () => {
  it('takes items as often as their weights have it, and none without weight', () => {
    const chance = chanceFrom(7);
    const taken = { a: 0, b: 0, c: 0 };
    for (let turn = 0; turn < 4000; turn += 1) {
      const item = chance.pick(['a', 'b', 'c'] as const, (each) => ({ a: 1, b: 3, c: 0 })[each]);
      if (item) taken[item] += 1;
    }
    expect(taken.c).toBe(0);
    expect(taken.b / taken.a).toBeGreaterThan(2.5);
    expect(taken.b / taken.a).toBeLessThan(3.5);
  });
  it('has nothing to take where nothing has weight', () => {
    const none = chanceFrom(1).pick(['a'], () => 0);
    expect(none).toBeUndefined();
    const nobody: string | undefined = chanceFrom(1).pick([] as string[], () => 1);
    expect(nobody).toBeUndefined();
  });
});
