import { createJSONStorage } from 'zustand/middleware';

/** What is used of a browser's small store. */
export type SmallStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** The browser's small store; where it is full or blocked, what is kept in it lasts as long as the page. */
export const safeStore: SmallStore = {
  getItem: (name) => tried(() => localStorage.getItem(name)) ?? null,
  setItem: (name, value) => {
    tried(() => {
      localStorage.setItem(name, value);
    });
  },
  removeItem: (name) => {
    tried(() => {
      localStorage.removeItem(name);
    });
  },
};

function tried<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}

/** For what a browser remembers of small choices, such as the light. */
export const safeStorage = <T>() => createJSONStorage<T>(() => safeStore);
