import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** What is left to chance. The same seed and the same questions in the same order give the same answers. */
export interface Chance {
  /** A number from 0 up to, not including, 1. */
  readonly next: () => number;
  /**
   * One of some items, the likelier the greater its weight; weights are 0 or more.
   * @returns `undefined` where there is none that has any weight
   */
  readonly pick: <T>(items: readonly T[], weightOf: (item: T) => number) => T | undefined;
}

/** @param seed any integer */
export function chanceFrom(seed: number): Chance {
  // Its first numbers differ widely even between neighbouring seeds.
  const source = mersenne(seed);
  const next = (): number => uniformFloat64(source);
  return {
    next,
    pick: (items, weightOf) => {
      const weights = items.map(weightOf);
      const total = weights.reduce((sum, weight) => sum + weight, 0);
      if (total <= 0) return undefined;
      let left = next() * total;
      let taken: number | undefined;
      for (let at = 0; at < items.length && left >= 0; at += 1) {
        left -= weights[at]!;
        if (weights[at]! > 0) taken = at;
      }
      return taken === undefined ? undefined : items[taken];
    },
  };
}
