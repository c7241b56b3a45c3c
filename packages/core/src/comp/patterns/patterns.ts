import { ticks } from '../../base/units';
import { chanceFrom } from '../base/chance';
import { EIGHTH } from '../base/time';
import type { Hit, Hold } from '../base/types';
import { PATTERNS } from './data';
import type { Pattern } from './types';

/** What a sign begins. */
const SIGNS: Readonly<Record<string, { readonly hold: Hold; readonly accent: boolean }>> = {
  x: { hold: 'short', accent: false },
  X: { hold: 'short', accent: true },
  o: { hold: 'full', accent: false },
  O: { hold: 'full', accent: true },
  '~': { hold: 'let ring', accent: false },
};
const REST = '.';
const GOES_ON = '-';
const TIED = '>';

/**
 * The hits of one bar as a pattern writes it.
 * @throws where a sign is none of those of a pattern, or nothing has begun that could go on
 * @example readBar('o--x....', 5).map(({ bar, at }) => [bar, at]) // [[5, 0], [5, 720]]
 */
export function readBar(text: string, bar: number): Hit[] {
  const hits: Hit[] = [];
  let goesOn = false;
  Array.from(text).forEach((sign, eighth) => {
    const begins = SIGNS[sign];
    if (begins) {
      hits.push({ bar, at: ticks(eighth * EIGHTH), length: EIGHTH, touch: 'plain', ...begins });
    } else if ((sign === GOES_ON || sign === TIED) && goesOn) {
      const last = hits[hits.length - 1]!;
      hits[hits.length - 1] = { ...last, length: ticks(last.length + EIGHTH) };
    } else if (sign !== REST) {
      throw new Error(`“${text}” has “${sign}” at ${eighth + 1}, where no hit goes on`);
    }
    goesOn = sign !== REST;
  });
  return hits;
}

/** A pattern laid over some bars, from its own first bar on. */
export const layPattern = ({ bars }: Pattern, fromBar: number, toBar: number): Hit[] =>
  Array.from({ length: Math.max(0, toBar - fromBar + 1) }, (_, at) =>
    readBar(bars[at % bars.length]!, fromBar + at),
  ).flat();

/** Whether it reaches into the chord of the next bar before the bar line. */
export const anticipates = ({ bars }: Pattern): boolean => bars.some((bar) => bar.endsWith(TIED));

export function patternOf(id: string): Pattern | undefined {
  return PATTERNS.find((pattern) => pattern.id === id);
}

/** How much a pattern is played that is not among those of a player's choice that day. */
const SELDOM = 0.15;
/** How many of all patterns are. Source: our own judgement. */
const CHOSEN = 0.4;

/**
 * The rhythms that a whole set of choruses is made of, so that they differ and still belong together: how much
 * each pattern is leaned to, 1 or less.
 * @param seed any integer
 */
export function vocabularyOf(seed: number): (pattern: Pattern) => number {
  const chance = chanceFrom(seed);
  const chosen = new Set(PATTERNS.filter(() => chance.next() < CHOSEN));
  return (pattern) => (chosen.has(pattern) ? 1 : SELDOM);
}
