import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../ui/safeStorage';
import type { Light } from './theme';

interface LightState {
  readonly light: Light;
  readonly toggle: () => void;
}

/** House lights or stage, kept in this browser. */
export const useLight = create<LightState>()(
  persist(
    (set) => ({
      light: 'house',
      toggle: () => {
        set(({ light }) => ({ light: light === 'house' ? 'stage' : 'house' }));
      },
    }),
    { name: 'drop-close light', partialize: ({ light }) => ({ light }), storage: safeStorage() },
  ),
);
