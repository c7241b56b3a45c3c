import type { Timeline } from '../../chart/timeline';
import { chanceFrom } from '../../comp/base/chance';

/** Some bars of a chorus, first and last, as they are counted. */
export interface Phrase {
  readonly fromBar: number;
  readonly toBar: number;
}

/** Phrases are of four bars. Source: common practice. */
const BARS = 4;

/**
 * Phrases of a tune to be played in time, one after the other without end, never the same twice in a row where there is
 * another; the same seed gives the same.
 * @returns `undefined` from a chart without bars
 */
export function phrases({ bars }: Timeline, seed: number): () => Phrase | undefined {
  const numbers = bars.map(({ number }) => number).filter((number) => number > 0);
  const all: Phrase[] = [];
  for (let at = 0; at < numbers.length; at += BARS) {
    const own = numbers.slice(at, at + BARS);
    all.push({ fromBar: own[0]!, toBar: own.at(-1)! });
  }
  const chance = chanceFrom(seed);
  let before: Phrase | undefined;
  return () => {
    const others = all.length > 1 ? all.filter((each) => each !== before) : all;
    before = chance.pick(others, () => 1);
    return before;
  };
}
