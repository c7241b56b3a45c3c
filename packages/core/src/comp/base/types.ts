import type { Ticks } from '../../base/units';

export const HOLDS = ['short', 'full', 'let ring'] as const;
/** Cut off; held as long as it is written; or ringing until the next hit or the next chord. */
export type Hold = (typeof HOLDS)[number];

export const TOUCHES = ['plain', 'grace', 'rolled', 'tremolo'] as const;
/**
 * All notes together; each from a half step below; one after the other from the bottom; or struck again
 * and again.
 */
export type Touch = (typeof TOUCHES)[number];

/** From very soft, 1, to very loud, 5. */
export type Loudness = 1 | 2 | 3 | 4 | 5;

/** One stroke of the comping hand, as it is written: on the straight grid, whatever the swing. */
export interface Hit {
  /** Bar of the chorus as played, from 1; a pickup is bar 0. */
  readonly bar: number;
  /** From the beginning of the bar. */
  readonly at: Ticks;
  /** Written length, more than 0; tied over the bar line where it reaches beyond it. */
  readonly length: Ticks;
  readonly hold: Hold;
  readonly touch: Touch;
  readonly accent: boolean;
  /** Beside its neighbours; left out it is 3, as loud as its section. */
  readonly loudness?: Loudness;
}
