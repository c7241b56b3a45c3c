import { diatonicChords } from '../../analysis/diatonic';
import { inItsKey, shortKey, stepFor, steppingOut, symbolOf } from '../parts';
import type { DevicePlace, MovementDevice } from '../types';

/** On the last beat the chord of the scale above or below the next one. Source: common practice. */
export const approach: MovementDevice = {
  id: 'approach chord',
  label: 'Approach the next chord',
  about: 'On the last beat the scale chord a step below or above the next one leads into it.',
  group: 'the whole grip',
  level: 1,
  offers: (place) => {
    const { here } = place;
    const step = stepFor(1, here.length);
    if (step === undefined) return [];
    return neighbours(place).map(({ variant, symbol }) => ({
      device: 'approach chord',
      variant,
      label: variant,
      why: `${symbol} lies a step of the scale ${variant === 'from below' ? 'below' : 'above'} the next chord.`,
      covers: 1,
      chords: steppingOut([{ symbol: here.chord.symbol }, { symbol }], here.length, step),
    }));
  },
};

/** The scale is that of the chord that is approached. */
function neighbours({ here, following: [next] }: DevicePlace) {
  const to = next && inItsKey(next);
  if (!next || !to) return [];
  const scale = diatonicChords(shortKey(next.analysis.key));
  const at = (step: number): string => symbolOf(scale[(to.place + step + 7) % 7]!);
  return [
    { variant: 'from below', symbol: at(-1) },
    { variant: 'from above', symbol: at(1) },
  ].filter(({ symbol }) => symbol !== here.chord.symbol);
}
