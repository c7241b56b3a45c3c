import { useQuery } from '@tanstack/react-query';
import type { AppliedDevice, DeviceOffer, Under } from '@drop-close/core';
import { engine } from '../../engine/client';
import type { ComposedChoruses } from '../../engine/protocol';
import { useChorus } from '../../engine/useChorus';
import { useSelection } from '../../place/selection';
import { timeThrough } from '../desk/bars';

export interface OffersHere {
  readonly offers: readonly DeviceOffer[];
  /** The whole chord they are for. */
  readonly at: number;
  readonly chorus: number;
  readonly symbol: string;
}

const NONE: readonly DeviceOffer[] = [];

/** What may be done at the chord in hand. */
export function useOffers(
  composed: ComposedChoruses,
  line: readonly number[],
  under: readonly Under[],
): OffersHere {
  const { index, event } = useSelection();
  const events = useChorus()?.timeline.events ?? [];
  const at = composed.wholes[index] ?? 0;
  const symbol = events.filter(({ part = 0 }) => part === 0)[at]?.chord.symbol ?? '';
  const chorus = timeThrough(event?.bar ?? 1, composed.barsEach);
  const { data = NONE } = useQuery({
    queryKey: ['offers', composed.id, at, line, under],
    queryFn: async () => (await engine.offers(composed.id, at, line, under)) ?? NONE,
    // What was offered stays in sight while the next answer is on its way.
    placeholderData: (before) => before,
    gcTime: 0,
  });
  return { offers: data, at, chorus, symbol };
}

/** An offer as it is applied. */
export const appliedFrom = (
  { device, variant }: DeviceOffer,
  { at, chorus, symbol }: Omit<OffersHere, 'offers'>,
  line: readonly number[],
): AppliedDevice => ({
  at,
  chorus,
  symbol,
  device,
  variant,
  ...(variant.startsWith('your line') ? { line } : {}),
});
