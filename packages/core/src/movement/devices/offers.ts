import type { PitchRange } from '../../voicing/base/types';
import { deviceOf, devices } from '.';
import type { AppliedDevice, DeviceChord, DeviceOffer, DevicePlace } from '../types';

/** What may be done at one chord, device by device. */
export function offersAt(
  chords: readonly DeviceChord[],
  at: number,
  context: Pick<DevicePlace, 'window' | 'line'> & { readonly loop: boolean },
): DeviceOffer[] {
  const place = placeAt(chords, at, context);
  return place ? devices.flatMap(({ offers }) => offers(place)) : [];
}

/** What an applied device makes of its chord as it is now; nothing where it has nothing to offer there. */
export function appliedOffer(
  chords: readonly DeviceChord[],
  applied: AppliedDevice,
  window: PitchRange,
  loop: boolean,
): DeviceOffer | undefined {
  const { at, device, variant, line } = applied;
  const place = placeAt(chords, at, { window, loop, ...(line ? { line } : {}) });
  return (
    place &&
    deviceOf(device)
      .offers(place)
      .find((offer) => offer.variant === variant)
  );
}

function placeAt(
  chords: readonly DeviceChord[],
  at: number,
  { window, line, loop }: Pick<DevicePlace, 'window' | 'line'> & { readonly loop: boolean },
): DevicePlace | undefined {
  const here = chords[at];
  if (here?.chord.kind !== 'chord') return undefined;
  const following = [...chords.slice(at + 1), ...(loop ? chords.slice(0, at) : [])];
  return { here: { ...here, chord: here.chord }, following, window, ...(line ? { line } : {}) };
}
