import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../ui/safeStorage';
import { USUAL_LOOK, type PaperLook } from './pages';

/** How this player wants documents on paper; kept in this browser. */
export const usePaperLook = create<PaperLook>()(
  persist(() => USUAL_LOOK, { name: 'drop-close paper', storage: safeStorage() }),
);

export const setPaperLook = (look: PaperLook): void => {
  usePaperLook.setState(look);
};
