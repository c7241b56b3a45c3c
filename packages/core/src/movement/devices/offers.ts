import type { PitchRange } from '../../voicing/base/types';
import { deviceOf, devices } from '.';
import { chosenIn } from './harmonisedLine';
import type { AppliedDevice, DeviceChord, DeviceId, DeviceOffer, DevicePlace } from '../types';

/** What may be done at one chord, device by device. */
export function offersAt(
  chords: readonly DeviceChord[],
  at: number,
  context: Pick<DevicePlace, 'window' | 'line' | 'under'> & { readonly loop: boolean },
): DeviceOffer[] {
  const place = placeAt(chords, at, context);
  return place ? devices.flatMap(({ offers }) => offers(place)) : [];
}

/** What one device may do at one chord. */
export function devicesAt(
  device: DeviceId,
  chords: readonly DeviceChord[],
  at: number,
  context: Pick<DevicePlace, 'window' | 'line' | 'under'> & { readonly loop: boolean },
): readonly DeviceOffer[] {
  const place = placeAt(chords, at, context);
  return place ? deviceOf(device).offers(place) : [];
}

/** What an applied device makes of its chord as it is now; nothing where it has nothing to offer there. */
export function appliedOffer(
  chords: readonly DeviceChord[],
  applied: AppliedDevice,
  window: PitchRange,
  loop: boolean,
): DeviceOffer | undefined {
  const { at, device, variant, line } = applied;
  const context = { window, loop, ...(line ? { line, under: chosenIn(variant) } : {}) };
  return devicesAt(device, chords, at, context).find((offer) => offer.variant === variant);
}

function placeAt(
  chords: readonly DeviceChord[],
  at: number,
  {
    window,
    line,
    under,
    loop,
  }: Pick<DevicePlace, 'window' | 'line' | 'under'> & { readonly loop: boolean },
): DevicePlace | undefined {
  const here = chords[at];
  if (here?.chord.kind !== 'chord') return undefined;
  const following = [...chords.slice(at + 1), ...(loop ? chords.slice(0, at) : [])];
  return {
    here: { ...here, chord: here.chord },
    following,
    window,
    ...(line && { line }),
    ...(under && { under }),
  };
}
