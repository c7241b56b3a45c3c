import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../ui/safeStorage';

interface Welcomed {
  /** Whether the first questions were answered or skipped in this browser. */
  readonly isWelcomed: boolean;
}

export const useWelcomed = create<Welcomed>()(
  persist((): Welcomed => ({ isWelcomed: false }), {
    name: 'drop-close welcomed',
    storage: safeStorage(),
  }),
);

export const setWelcomed = (): void => {
  useWelcomed.setState({ isWelcomed: true });
};
