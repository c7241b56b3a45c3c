import { sectionsOf } from '../arrangement/stored/chorusSections';
import { devicesAt } from '../movement/devices/offers';
import type { AppliedDevice } from '../movement/types';
import { makeableIn, type Composition } from './composition';
import { wholeChords } from './moved';

export const SCOPES = ['bar', 'section'] as const;
/** How far a device is carried from the chord it is applied to. */
export type Scope = (typeof SCOPES)[number];

/**
 * A device applied to every chord of its bar or its section that it fits, in the same way, the chord it was applied
 * to among them. Chords where it would not keep its word are left as they are.
 */
export function devicesOver(
  composition: Composition,
  applied: AppliedDevice,
  scope: Scope,
): AppliedDevice[] {
  const { chorus, question } = composition;
  const { room, loop } = question.setup;
  const whole = wholeChords(chorus);
  const canMake = makeableIn(composition);
  const starts = chorus.timeline.events.filter(({ part = 0 }) => part === 0);
  const here = starts[applied.at]?.bar ?? 1;
  const { fromBar, toBar } =
    scope === 'bar'
      ? { fromBar: here, toBar: here }
      : (sectionsOf(chorus).find(({ fromBar: from, toBar: to }) => here >= from && here <= to) ?? {
          fromBar: here,
          toBar: here,
        });
  let free = 0;
  return starts.flatMap(({ bar }, at): AppliedDevice[] => {
    if (bar < fromBar || bar > toBar || at < free) return [];
    const offers = devicesAt(applied.device, whole, at, { window: room.window, loop });
    const offer = offers.find(({ variant }) => variant === applied.variant);
    if (!offer || !canMake(offer, at)) return [];
    free = at + offer.covers;
    return [{ ...applied, at, symbol: whole[at]!.chord.symbol }];
  });
}
