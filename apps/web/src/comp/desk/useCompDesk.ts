import type { AppliedDevice, Decision } from '@drop-close/core';
import { create } from 'zustand';
import type { HitPlace } from './hits';

export type CompTab = 'hits' | 'movement' | 'licks' | 'soloist';

/** What stands open on the Comp screen, and what is in hand. */
interface CompDesk {
  readonly tab: CompTab;
  readonly plan: boolean;
  /** The hit in hand. */
  readonly hit: HitPlace | undefined;
  /** A device that is tried, not applied yet. */
  readonly trying: AppliedDevice | undefined;
  /** Bars to be heard as soon as the last edit is composed. */
  readonly toHear: { readonly fromBar: number; readonly toBar: number } | undefined;
  /** What was last done for the soloist, hit by hit. */
  readonly decisions: readonly Decision[];
  /** Hits are being laid for the whole plan. */
  readonly filling: boolean;
  /** What is left to chance hangs on this; another one lays other hits. */
  readonly seed: number;
}

const FRESH: CompDesk = {
  tab: 'hits',
  plan: false,
  hit: undefined,
  trying: undefined,
  toHear: undefined,
  decisions: [],
  filling: false,
  seed: 1,
};

export const useCompDesk = create<CompDesk>(() => FRESH);

export const clearCompDesk = (): void => {
  useCompDesk.setState(FRESH);
};
