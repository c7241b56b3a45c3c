import { PARTS, type Part } from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { sameAgain, type Passes } from './passes';
import { safeStorage } from '../ui/safeStorage';

/** `chorus`: as much as is looped, counted in; `layer`: the same, of what a screen has of its own. */
export type Playing = 'chorus' | 'layer' | 'bar' | 'chord' | 'change' | 'voice';

/** Where every fader stands while nobody has moved it: the parts in the balance they are mixed in. */
export const AS_MIXED = 80;

const DEFAULT_VOLUME = Object.fromEntries(PARTS.map((part) => [part, AS_MIXED])) as Record<
  Part,
  number
>;

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

/** Where the fader of a part stands as it is heard, 0..100. */
export function loudnessOf(
  part: Part,
  { volume, muted, alone }: Pick<Listening, 'volume' | 'muted' | 'alone'>,
): number {
  if (alone !== undefined) return part === alone ? volume[part] : 0;
  return muted.includes(part) ? 0 : volume[part];
}

/** What a fader makes of a part, in decibels: nothing where it stands as mixed. */
export const faderGain = (fader: number): number => 40 * Math.log10(fader / AS_MIXED);

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
      // Faders were about a balance of their own before.
      version: 1,
      migrate: (kept) => ({ ...(kept as Partial<Listening>), volume: DEFAULT_VOLUME }),
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
