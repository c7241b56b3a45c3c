import { create } from 'zustand';

/** Whether what a screen is for, and its keys, are shown over it. */
export const useScreenHelp = create<{ readonly open: boolean }>(() => ({ open: false }));

export const openScreenHelp = (): void => {
  useScreenHelp.setState({ open: true });
};

export const closeScreenHelp = (): void => {
  useScreenHelp.setState({ open: false });
};
