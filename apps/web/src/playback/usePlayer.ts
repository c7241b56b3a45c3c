import { PARTS, partSound, type Part } from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { sameAgain, type Passes } from './passes';
import { safeStorage } from '../ui/safeStorage';

/** `chorus`: as much as is looped, counted in; `layer`: the same, of what a screen has of its own. */
export type Playing = 'chorus' | 'layer' | 'bar' | 'chord' | 'change' | 'voice';

const DEFAULT_VOLUME = Object.fromEntries(
  PARTS.map((part) => [part, partSound(part, 'guitar').volume]),
) as Record<Part, number>;

/** How the player likes to hear; what is lasting of it is kept in this browser. */
export interface Listening {
  readonly countIn: boolean;
  readonly loop: boolean;
  /** 0..100 for each part. */
  readonly volume: Readonly<Record<Part, number>>;
  readonly muted: readonly Part[];
  /** The one part that is heard. */
  readonly alone: Part | undefined;
  /** A click goes on under the music. */
  readonly click: boolean;
  readonly passes: Passes;
  /** First and last bar of the loop; all bars when nothing is said. */
  readonly stretch: Stretch | undefined;
}

export interface Stretch {
  readonly fromBar: number;
  readonly toBar: number;
}

/** How loud a part is heard, 0..100. */
export function loudnessOf(part: Part, { volume, muted, alone }: Listening): number {
  if (alone !== undefined) return part === alone ? volume[part] : 0;
  return muted.includes(part) ? 0 : volume[part];
}

interface PlayerState extends Listening {
  readonly playing: Playing | undefined;
  readonly loading: boolean;
  readonly failure: string | undefined;
  /** In quarters from the beginning of the plan; below 0 while counting in. */
  readonly position: number | undefined;
  /** Where the plan begins in the chorus, in quarters from bar 1. */
  readonly from: number;
  /** Which time round, from 0, and how it is played. */
  readonly pass: { readonly count: number; readonly tempo: number; readonly semitones: number };
  /** Notes that came too late since the music began. */
  readonly late: number;
  readonly setListening: (change: Partial<Listening>) => void;
}

export const usePlayer = create<PlayerState>()(
  persist(
    (set) => ({
      playing: undefined,
      loading: false,
      failure: undefined,
      position: undefined,
      from: 0,
      pass: { count: 0, tempo: 0, semitones: 0 },
      late: 0,
      countIn: true,
      loop: true,
      volume: DEFAULT_VOLUME,
      muted: [],
      alone: undefined,
      click: false,
      passes: sameAgain,
      stretch: undefined,
      setListening: (change) => {
        set(change);
      },
    }),
    {
      name: 'drop-close listening',
      storage: safeStorage(),
      partialize: ({ countIn: counts, loop, volume }) => ({ countIn: counts, loop, volume }),
      // A part that is new has no loudness in what this browser kept.
      merge: (kept, fresh) => {
        const { volume, ...rest } = (kept ?? {}) as Partial<Listening>;
        return { ...fresh, ...rest, volume: { ...fresh.volume, ...volume } };
      },
    },
  ),
);
