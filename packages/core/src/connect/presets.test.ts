import { chords } from '../testing/builders';
import { connect } from './connect';
import { defaultSettings, defaultWeights } from './base/data';
import { summaryOf } from './explain/summary';
import { presets } from './presets';
import type { Weights } from './base/types';

const symbols = 'Dm7 G7 Em7 A7 Dm7 G7b9 Cmaj7 Fmaj7 Bm7b5 E7b9 Am7 D7';
function summary(weights: Weights) {
  const settings = { ...defaultSettings, weights, loop: true };
  const outcome = connect(chords(symbols), settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  const { path, changes } = outcome;
  return summaryOf({ chords: chords(symbols), path, changes, instrument: settings.instrument });
}
const of = (id: string) => summary(presets.find((preset) => preset.id === id)!.weights);

it('begins with the weights a new tune has, and no two presets are alike', () => {
  expect(presets[0]?.weights).toEqual(defaultWeights);
  expect(new Set(presets.map(({ weights }) => JSON.stringify(weights))).size).toBe(presets.length);
});

it('keeps what each preset promises, against the balance', () => {
  const balanced = of('balanced');
  expect(of('smoothest').motion).toBeLessThanOrEqual(balanced.motion);
  const [easy, usual] = [of('easy hands'), balanced].map(({ handTravelMm = 0, hardest }) => ({
    strain: handTravelMm + hardest!.stretchMm,
  }));
  expect(easy!.strain).toBeLessThanOrEqual(usual!.strain);
  expect(of('singing top').resolutions.met).toBeGreaterThanOrEqual(balanced.resolutions.met);
});
