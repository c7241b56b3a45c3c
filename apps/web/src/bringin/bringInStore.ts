import { DEFAULT_HABITS, type PasteHabits } from '@drop-close/core';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import type { Source, TuneWish } from './sources';

/** What is on the desk of Bring in; it stays there while one looks at other screens. */
export interface BringInDesk {
  readonly text: string;
  readonly habits: PasteHabits;
  /** Files in the order they came. */
  readonly files: readonly Source[];
  readonly wishes: Readonly<Record<string, TuneWish>>;
}

const EMPTY: BringInDesk = { text: '', habits: DEFAULT_HABITS, files: [], wishes: {} };

/** Text that was pasted survives that the page is opened anew; files are there to be chosen again. */
export const useBringIn = create<BringInDesk>()(
  persist(() => EMPTY, {
    name: 'bring in',
    storage: createJSONStorage(() => sessionStorage),
    partialize: ({ text, habits }) => ({ ...EMPTY, text, habits }),
  }),
);

export const changeDesk = (change: Partial<BringInDesk>): void => {
  useBringIn.setState(change);
};

/** Something else is wanted of one tune. */
export const wish = (id: string, change: TuneWish): void => {
  useBringIn.setState(({ wishes }) => ({
    wishes: { ...wishes, [id]: { ...wishes[id], ...change } },
  }));
};

export const clearDesk = (): void => {
  const { habits } = useBringIn.getState();
  useBringIn.setState({ ...EMPTY, habits });
};
