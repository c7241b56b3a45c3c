import { create } from 'zustand';

/** What stands open on the Voice screen. */
interface VoiceDesk {
  readonly room: boolean;
  readonly browser: boolean;
  readonly entry: boolean;
  readonly taste: boolean;
  readonly figures: boolean;
  readonly ways: boolean;
  readonly compare: boolean;
  /** A click in the threads sets a note of the top line. */
  readonly drawing: boolean;
}

export const useVoiceDesk = create<VoiceDesk>(() => ({
  room: false,
  browser: false,
  entry: false,
  taste: false,
  figures: false,
  ways: false,
  compare: false,
  drawing: false,
}));

export const toggleDesk = (part: keyof VoiceDesk): void => {
  useVoiceDesk.setState((desk) => ({ [part]: !desk[part] }));
};
