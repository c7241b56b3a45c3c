import type { Chord } from '../chord/types';
import type { Prices } from './terms/prices';
import type { Layer } from './solver/layer';
import type { ConnectSettings } from './base/types';

/** By candidate, what it costs where it stands: its sound, judged once for all its grips, and its grip. */
export function candidateCosts(
  chord: Chord,
  { voicings, soundOf, example }: Layer,
  at: number,
  settings: ConnectSettings,
  prices: Prices,
): Int32Array {
  const sounds = example.map((candidate) =>
    prices.sound({ chord, voicing: voicings[candidate]!, at, settings }),
  );
  const costs = new Int32Array(voicings.length);
  for (let candidate = 0; candidate < costs.length; candidate += 1) {
    const voicing = voicings[candidate]!;
    costs[candidate] = sounds[soundOf[candidate]!]! + prices.grip({ chord, voicing, at, settings });
  }
  return costs;
}
