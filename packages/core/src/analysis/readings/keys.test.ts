import { pitchClass } from '../../base/units';
import { random } from '../../testing/random';
import { isSameKey, keyDistance, keysFrom, type Key } from '../base/key';
import type { KeyProblem } from './keyCosts';
import { keysOf } from './keys';
import type { Moment } from '../base/moments';
import type { Reading } from './types';

const KEYS = keysFrom(pitchClass(0));
const FOUR_BARS = 16;

/** Small whole numbers from a seed. */
function smallNumbers(seed: number): (below: number) => number {
  const next = random(seed);
  return (below) => Math.floor(next() * below);
}

/** Three chords of random length, each with a random cost in every key. */
function problemOf(seed: number): KeyProblem {
  const next = smallNumbers(seed);
  let at = 0;
  const moments = Array.from({ length: 3 }, (): Moment => {
    const begin = at;
    at += [2, 4, 8, 16][next(4)]!;
    return { root: pitchClass(next(12)), at: begin, end: at } as Moment;
  });
  const readings = moments.map(() =>
    KEYS.map(
      (): Reading => ({ cost: next(50), function: next(2) ? 'tonic' : 'dominant' }) as Reading,
    ),
  );
  const home = next(2) ? KEYS[next(24)] : undefined;
  const link = (one: number) => ({ key: KEYS[next(24)]!, at: one, one });
  const chains = next(2) ? [{ links: [link(0), link(1 + next(2))], move: 1 }] : [];
  const roundHome = next(3) === 0 ? { key: KEYS[next(24)]!, at: 1 + next(2) } : undefined;
  return { keys: KEYS, moments, readings, fourBars: FOUR_BARS, home, chains, roundHome };
}

const notHome = (home: Key | undefined, key: Key): number => {
  if (!home || isSameKey(home, key)) return 0;
  return keyDistance(home, key) === 0 ? 8 : 16;
};

/** What a stretch costs to have been in: 0 with its tonic, 36 (14 in the header's key) when only long, nothing to be had else. */
function stretchCost(
  problem: KeyProblem,
  path: readonly number[],
  from: number,
  to: number,
): number | undefined {
  const { moments, readings, home } = problem;
  for (let at = from; at <= to; at += 1) {
    const key = path[at]!;
    const onTonic = moments[at]!.root === KEYS[key]!.tonic;
    if (onTonic && readings[at]![key]!.function === 'tonic') return 0;
  }
  const noTonic = home && isSameKey(home, KEYS[path[from]!]!) ? 14 : 36;
  return moments[to]!.end - moments[from]!.at >= FOUR_BARS ? noTonic : undefined;
}

function changeCost({ chains, roundHome }: KeyProblem, at: number, from: Key, to: Key): number {
  if (roundHome?.at === at && isSameKey(roundHome.key, to)) return 2;
  const step = chains.some(({ links: [first, second] }) => {
    const between = at > first!.one && at <= second!.at;
    return between && isSameKey(first!.key, from) && isSameKey(second!.key, to);
  });
  return step ? 2 : 24 + 2 * keyDistance(from, to);
}

/** The cost of one way through the keys, straight from the definition; `undefined` when it may not be. */
function plainCost(problem: KeyProblem, path: readonly number[]): number | undefined {
  const { moments, readings, home, roundHome } = problem;
  let total = notHome(home, KEYS[path[0]!]!) + notHome(home, KEYS[path.at(-1)!]!);
  let begin = 0;
  for (const [at, key] of path.entries()) {
    const { at: from, end } = moments[at]!;
    total += readings[at]![key]!.cost * Math.max(1, Math.floor((end - from) / (FOUR_BARS / 2)));
    const last = at === path.length - 1;
    if (!last && path[at + 1] === key) continue;
    const stretch = stretchCost(problem, path, begin, at);
    if (stretch === undefined && !last) return undefined;
    const goesHome = last && roundHome && isSameKey(roundHome.key, KEYS[key]!);
    total += goesHome ? 0 : (stretch ?? 16);
    if (!last) total += changeCost(problem, at + 1, KEYS[key]!, KEYS[path[at + 1]!]!);
    begin = at + 1;
  }
  return total;
}

/** Every way through three chords in 24 keys. */
function* everyPath(): Generator<number[]> {
  for (let a = 0; a < 24; a += 1) {
    for (let b = 0; b < 24; b += 1) {
      for (let c = 0; c < 24; c += 1) yield [a, b, c];
    }
  }
}

describe('the keys of a chart are the least costly of all', () => {
  const seeds = Array.from({ length: 24 }, (_, index) => 300 + index);
  it.each(seeds)('as a search through every way finds (seed %i)', (seed) => {
    const problem = problemOf(seed);
    let least = Infinity;
    const totals = problem.moments.map(() => KEYS.map(() => Infinity));
    for (const path of everyPath()) {
      const cost = plainCost(problem, path);
      if (cost === undefined) continue;
      least = Math.min(least, cost);
      path.forEach((key, at) => {
        totals[at]![key] = Math.min(totals[at]![key]!, cost);
      });
    }
    const found = keysOf(problem);
    expect(found.total).toBe(least);
    expect(plainCost(problem, found.keys)).toBe(least);
    found.totals.forEach((row, at) => {
      row.forEach((total, key) => {
        const plain = totals[at]![key]!;
        // A key that no way can have here is out of reach in both.
        if (plain === Infinity) expect(total).toBeGreaterThan(1e6);
        else expect(total).toBe(plain);
      });
    });
  });

  it('finds none in no chords', () => {
    const nothing = {
      keys: KEYS,
      moments: [],
      readings: [],
      fourBars: FOUR_BARS,
      home: undefined,
      chains: [],
    };
    expect(keysOf(nothing)).toEqual({ keys: [], total: 0, totals: [] });
  });
});
