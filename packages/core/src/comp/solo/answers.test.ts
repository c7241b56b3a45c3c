import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { midi, ticks } from '../../base/units';
import type { Hit } from '../base/types';
import type { Density } from '../patterns/types';
import { answered } from './answers';
import type { SoloNote } from './types';

const EIGHT_BARS = timeline(parseChart(`| ${'C7 | '.repeat(8)}`).chart);

/** A phrase of eighths that begins on a quarter and ends with a note of so many. */
const phrase = (from: number, notes: number, last = 1): SoloNote[] =>
  Array.from({ length: notes }, (_, at) => ({
    midi: midi(70 + ((at * 5) % 12)),
    at: ticks(from * 480 + at * 240),
    length: ticks(at === notes - 1 ? last * 240 : 240),
    velocity: 84,
  }));

const answers = (line: readonly SoloNote[], seed = 1, density: Density = 3) =>
  answered(
    { hits: [], decisions: [] },
    { timeline: EIGHT_BARS, line, offbeat: 0.5, strictness: 3, seed, densityAt: () => density },
  );

const inQuarters = ({ bar, at }: Hit): number => (bar - 1) * 4 + at / 480;
const SEEDS = Array.from({ length: 40 }, (_, seed) => seed);

describe('answers to a line (common practice)', () => {
  it('come after a breath and are done before the soloist comes in again', () => {
    const line = [...phrase(0, 6), ...phrase(8, 6)];
    for (const seed of SEEDS) {
      const hits = answers(line, seed).hits.filter((hit) => inQuarters(hit) < 8);
      expect(hits.length).toBeGreaterThan(0);
      expect(inQuarters(hits[0]!)).toBeGreaterThanOrEqual(3.5);
      const last = hits.at(-1)!;
      expect(inQuarters(last) + last.length / 480).toBeLessThanOrEqual(8);
    }
  });
  it('are longer after a longer phrase', () => {
    const said = (notes: number): number =>
      SEEDS.reduce((sum, seed) => {
        const hits = answers(phrase(0, notes), seed).hits;
        return sum + inQuarters(hits.at(-1)!) - inQuarters(hits[0]!);
      }, 0) / SEEDS.length;
    const [short, middle, long] = [4, 10, 22].map(said);
    expect(short).toBeLessThan(middle! - 0.5);
    expect(middle).toBeLessThan(long! - 0.5);
  });
  it('end long where the phrase ended long, and short where it ended short', () => {
    for (const seed of SEEDS) {
      expect(answers(phrase(0, 6, 4), seed).hits.at(-1)).toMatchObject({ hold: 'full' });
      expect(answers(phrase(0, 6), seed).hits.at(-1)).toMatchObject({ hold: 'short', length: 240 });
    }
  });
  it('come back when the phrase does, whatever its notes and however it is seeded', () => {
    const other = phrase(16, 6).map((note) => ({ ...note, midi: midi(note.midi + 5) }));
    for (const seed of SEEDS) {
      const { hits, decisions } = answers([...phrase(0, 6), ...phrase(8, 9), ...other], seed);
      const after = (from: number): number[] =>
        hits.map((hit) => inQuarters(hit) - from).filter((at) => at > 0 && at < 8);
      expect(after(16)).toEqual(after(0));
      expect(decisions.at(-1)!.why).toBe('The phrase comes back, and so does its answer.');
    }
  });
  it('land on a one with their last stroke more often than anywhere else', () => {
    const last = SEEDS.map((seed) => answers(phrase(0, 5), seed).hits.at(-1)!.at);
    const onOne = last.filter((at) => at === 0).length;
    expect(onOne).toBeGreaterThan(SEEDS.length / 2);
    expect(onOne).toBeLessThan(SEEDS.length);
  });
  it('grow from stroke to stroke', () => {
    const louder = SEEDS.flatMap((seed) => {
      const strokes = answers(phrase(0, 12), seed).hits.map(({ loudness = 3 }) => loudness);
      return strokes.length > 1 ? [strokes] : [];
    });
    expect(louder.length).toBeGreaterThan(10);
    for (const strokes of louder) {
      expect([...strokes].sort((a, b) => a - b)).toEqual(strokes);
      expect(strokes.at(-1)).toBeGreaterThan(strokes[0]!);
    }
  });
  it('take the place of what stands there', () => {
    const inTheWay: Hit = {
      ...{ bar: 1, at: ticks(1680), length: ticks(240), hold: 'short' },
      ...{ touch: 'plain', accent: false },
    };
    const { hits, decisions } = answered(
      { hits: [inTheWay], decisions: [] },
      {
        ...{ timeline: EIGHT_BARS, line: phrase(0, 6), offbeat: 0.5, strictness: 3, seed: 1 },
        densityAt: () => 3,
      },
    );
    expect(hits).not.toContain(inTheWay);
    expect(decisions[0]).toMatchObject({ doing: 'left out', why: 'The answer stands here.' });
  });
});
