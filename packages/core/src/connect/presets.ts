import { defaultWeights } from './base/data';
import type { Weights } from './base/types';

/** Sliders set together, for one thing a player may want most. */
export interface Preset {
  readonly id: string;
  readonly label: string;
  /** What comes of it, in half a sentence. */
  readonly about: string;
  readonly weights: Weights;
}

const preset = (id: string, label: string, about: string, change: Partial<Weights>): Preset => ({
  id,
  label,
  about,
  weights: { ...defaultWeights, ...change },
});

/** The first is how every tune begins. Source: our own judgement. */
export const presets: readonly Preset[] = [
  preset('balanced', 'Balanced', 'a little of everything', {}),
  preset('smoothest', 'Smoothest', 'the least motion there is, wherever it leads', {
    ...{ motion: 200, leaps: 200, register: 40, drift: 20, hand: 50, sound: 50 },
  }),
  preset('easy hands', 'Easy hands', 'small grips close together, down the neck', {
    ...{ motion: 50, leaps: 50, resolution: 50, register: 50, drift: 50, hand: 300 },
  }),
  preset('singing top', 'Singing top', 'leading tones go home, and the top moves like a tune', {
    ...{ leaps: 200, parallel: 200, resolution: 200, line: 200, hand: 60 },
  }),
  preset('clear sound', 'Clear sound', 'nothing rough or muddy, near the middle', {
    ...{ motion: 70, register: 150, drift: 150, sound: 300 },
  }),
];
