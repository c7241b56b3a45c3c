import fc from 'fast-check';
import { midi } from '../../base/units';
import type { Voicing } from '../../voicing/base/types';
import { voiceMotions } from '../changes';
import { changeCost, matchOf } from '../terms/cost';
import { defaultWeights, SIZES } from './data';
import { motionKind } from './match';
import { pricesOf } from '../terms/prices';
import type { ChangePlace } from './types';

const anywhere: ChangePlace = {
  fallsFifth: false,
  releases: false,
  top: 'free',
  keep: [],
  split: false,
  phraseEnd: false,
};
const prices = pricesOf(defaultWeights);
const voicing = (pitches: readonly number[]): Voicing => ({
  family: 'own',
  ease: 'easy',
  notes: pitches.map((pitch) => ({ midi: midi(pitch), degree: 'R', note: 'C', hand: 'right' })),
});
const moves = (from: number[], to: number[], place = anywhere): string => {
  const [a, b] = [voicing(from), voicing(to)];
  return voiceMotions(matchOf(a, b, place, prices), a, b)
    .map((voice) => `${voice.from ?? ''}>${voice.to ?? ''}`)
    .join(' ');
};

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

it('moves the whole hand an octave only from one phrase to the next, for its price', () => {
  const [low, high] = [voicing([48, 52, 55]), voicing([60, 64, 67])].map((each) => ({
    voicing: each,
  }));
  const price = prices.octave + 3 * prices.octaveVoice;
  expect(changeCost(low!, high!, { ...anywhere, phraseEnd: true }, prices)).toBe(price);
  // Each of its voices moves twelve half steps, and that counts in full.
  expect(prices.octaveVoice).toBe(1200);
  expect(changeCost(low!, high!, anywhere, prices)).toBeGreaterThan(price);
});

it('never crosses voices, and no other order-keeping pairing costs less (seed 9)', () => {
  const pitches = fc.uniqueArray(fc.integer({ min: 40, max: 80 }), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(pitches, pitches, (a, b) => {
      const [from, to] = [[...a].sort((x, y) => x - y), [...b].sort((x, y) => x - y)];
      const { pairs } = matchOf(voicing(from), voicing(to), anywhere, prices);
      expect(pairs).toHaveLength(Math.min(from.length, to.length));
      const rises = (list: number[]) => list.every((x, i) => i === 0 || x > list[i - 1]!);
      expect(rises(pairs.map((p) => p[0])) && rises(pairs.map((p) => p[1]))).toBe(true);
      const spares = Math.abs(from.length - to.length);
      if (!spares) return;
      const cost = changeCost(
        { voicing: voicing(from) },
        { voicing: voicing(to) },
        anywhere,
        prices,
      );
      expect(cost).toBe(leastCost(from, to) + spares * prices.spare);
    }),
    { numRuns: 300, seed: 9 },
  );
});

/** The least cost over all ways to leave voices of the larger out, by plain recursion. */
function leastCost(a: number[], b: number[]): number {
  if (a.length > b.length) return leastCost(b, a);
  if (a.length === b.length) {
    return a.reduce((sum, x, i) => {
      const step = Math.abs(x - b[i]!);
      const beyond = Math.max(0, step - 4) * 100;
      return (
        sum +
        (i === a.length - 1
          ? step * 150 + 2 * beyond + (step > 4 ? SIZES.topLeapt : 0)
          : step * 100 + beyond)
      );
    }, 0);
  }
  return Math.min(
    ...b.map((_, skip) =>
      leastCost(
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
