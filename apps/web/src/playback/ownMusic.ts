import { create } from 'zustand';
import type { PlanQuestion } from '../engine/protocol';

export type Bars = Pick<PlanQuestion, 'fromBar' | 'toBar' | 'solo'>;

/** What a screen has to be played in place of the chorus, in a tempo of its own. */
export interface OwnMusic {
  /** What the button that plays it says. */
  readonly name: string;
  readonly play: (bars: Bars) => void;
  /** In quarter notes a minute. */
  readonly tempo: number;
  readonly setTempo: (tempo: number) => void;
}

export const useOwnMusic = create<{ readonly music: OwnMusic | undefined }>(() => ({
  music: undefined,
}));
