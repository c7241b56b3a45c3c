import type { Rung } from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../../ui/safeStorage';

/** How far a tune is known by heart. */
interface ByHeart {
  readonly rung: Rung;
  /** Slots that were missed the last time. */
  readonly missed: readonly string[];
  /** Says which symbols are covered; another one each time. */
  readonly seed: number;
}

const AT_FIRST: ByHeart = { rung: 'some symbols', missed: [], seed: 1 };

/** By tune; kept in this browser. */
const useRungs = create<{ readonly tunes: Readonly<Record<string, ByHeart>> }>()(
  persist(() => ({ tunes: {} }), { name: 'drop-close by heart', storage: safeStorage() }),
);

/** Where the player stands on the ladder of a tune. */
export function useByHeart(tuneId: string) {
  const now = useRungs(({ tunes }) => tunes[tuneId]) ?? AT_FIRST;
  const set = (change: Partial<ByHeart>): void => {
    useRungs.setState(({ tunes }) => ({
      tunes: { ...tunes, [tuneId]: { ...now, seed: now.seed + 1, ...change } },
    }));
  };
  return {
    ...now,
    setRung: (rung: Rung): void => {
      set({ rung });
    },
    /** After a round. */
    settle: (rung: Rung, missed: readonly string[]): void => {
      set({ rung, missed });
    },
  };
}
