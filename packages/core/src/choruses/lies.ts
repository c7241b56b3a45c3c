import { SIZES } from '../connect/base/data';
import type { DeviceOffer } from '../movement/types';
import { playingOf } from '../voicing/playingOf';
import { stepped } from '../voicing/stepped';
import type { MakingPlace } from './makeable';

/** So many grips that can be moved are looked at. */
const LOOKED_AT = 12;

/**
 * Offers of one device, those first that lie best under the hand: by the most strain of the forms they are made
 * of, on the best of the likely grips of the chord they are applied to. Those that ask for one voice come last, as
 * they were: they are chosen, not looked through.
 */
export function byLie(offers: readonly DeviceOffer[], place: MakingPlace): DeviceOffer[] {
  const isFree = ({ chords: [first] }: DeviceOffer): boolean =>
    !first?.steps?.some(({ voice }) => voice);
  const strained = offers
    .filter(isFree)
    .map((offer) => ({ offer, strain: strainOf(offer, place) }))
    .sort((a, b) => a.strain - b.strain);
  return [...strained.map(({ offer }) => offer), ...offers.filter((offer) => !isFree(offer))];
}

function strainOf(
  { chords: [first] }: DeviceOffer,
  { whole, at, connector, settings }: MakingPlace,
): number {
  const steps = first?.steps;
  if (!first || !steps) return 0;
  const { instrument } = settings;
  const { chord } = whole[at]!;
  const playing = playingOf(instrument);
  let [best, seen] = [Infinity, 0];
  for (const grip of connector.voicingsOf(chord, settings, first.families)) {
    const forms = steps.map((each) => stepped(grip, each, instrument));
    if (!forms.every((form) => form !== undefined)) continue;
    best = Math.min(best, Math.max(...[grip, ...forms].map((form) => playing.strain(form, SIZES))));
    seen += 1;
    if (seen === LOOKED_AT) break;
  }
  return best;
}
