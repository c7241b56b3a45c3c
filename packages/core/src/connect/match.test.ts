import fc from 'fast-check';
import { matchVoices, motionKind } from './match';

const moves = (from: number[], to: number[]): string =>
  matchVoices(from, to)
    .map((pair) => {
      if (pair.kind === 'moves') return `${pair.from}>${pair.to}`;
      return pair.kind === 'ends' ? `${pair.from}>` : `>${pair.to}`;
    })
    .join(' ');

it('pairs voicings of one size by order', () => {
  expect(moves([60, 64, 67], [59, 62, 67])).toBe('0>0 1>1 2>2');
});

it('lets the spare voice be the one whose absence moves the others least', () => {
  expect(moves([60, 64, 67, 71], [60, 67, 71])).toBe('0>0 1> 2>1 3>2');
  expect(moves([60, 64], [60, 64, 67])).toBe('0>0 1>1 >2');
});

it('leaves the lowest voice spare where it makes no difference', () => {
  expect(moves([62], [60, 64])).toBe('>0 0>1');
});

it('never crosses voices and never pairs worse than any other choice (seed 9)', () => {
  const pitches = fc.uniqueArray(fc.integer({ min: 40, max: 80 }), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(pitches, pitches, (a, b) => {
      const [from, to] = [[...a].sort((x, y) => x - y), [...b].sort((x, y) => x - y)];
      const pairs = matchVoices(from, to).filter((pair) => pair.kind === 'moves');
      expect(pairs).toHaveLength(Math.min(from.length, to.length));
      const sum = pairs.reduce((s, p) => s + Math.abs((from[p.from] ?? 0) - (to[p.to] ?? 0)), 0);
      if (from.length !== to.length) expect(sum).toBe(leastSum(from, to));
      const rises = (list: number[]) => list.every((x, i) => i === 0 || x > (list[i - 1] ?? 0));
      expect(rises(pairs.map((p) => p.from)) && rises(pairs.map((p) => p.to))).toBe(true);
    }),
    { numRuns: 300, seed: 9 },
  );
});

/** The least sum over all ways to leave voices of the larger out, by plain recursion. */
function leastSum(a: number[], b: number[]): number {
  if (a.length > b.length) return leastSum(b, a);
  if (a.length === b.length) return a.reduce((sum, x, i) => sum + Math.abs(x - (b[i] ?? 0)), 0);
  return Math.min(
    ...b.map((_, skip) =>
      leastSum(
        a,
        b.filter((__, i) => i !== skip),
      ),
    ),
  );
}

it.each([
  [0, 'held'],
  [-1, 'half step'],
  [2, 'whole step'],
  [3, 'leap'],
])('calls %i semitones a %s', (semitones, kind) => {
  expect(motionKind(semitones)).toBe(kind);
});
