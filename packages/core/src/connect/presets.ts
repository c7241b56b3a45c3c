import { defaultWeights } from './base/data';
import { TERM_IDS, type TermId, type Weights } from './base/types';

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

/** Everything but what the player wants on top, to break ties by. */
const onlyJust = (percent: number): Weights => ({
  ...(Object.fromEntries(TERM_IDS.map((id) => [id, percent])) as Record<TermId, number>),
  line: defaultWeights.line,
  variety: defaultWeights.variety,
});

/**
 * The first is how every tune begins. The next three keep a promise that can be counted, so what they promise
 * outweighs the rest, which only breaks ties. Source: our own judgement.
 */
export const presets: readonly Preset[] = [
  preset('balanced', 'Balanced', 'a little of everything', {}),
  preset('smoothest', 'Smoothest', 'the least motion there is, wherever it leads', {
    ...onlyJust(5),
    motion: 300,
  }),
  preset('easy hands', 'Easy hands', 'small grips and short ways along the neck', {
    ...onlyJust(5),
    hand: 300,
  }),
  preset('singing top', 'Singing top', 'leading tones go home, and the top moves like a tune', {
    ...onlyJust(5),
    ...{ resolution: 300, top: 300, line: 200, register: 20, drift: 20 },
  }),
  preset('clear sound', 'Clear sound', 'nothing rough or muddy, near the middle', {
    ...{ motion: 70, register: 150, drift: 150, sound: 300 },
  }),
];
