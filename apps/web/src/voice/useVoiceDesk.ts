import { create } from 'zustand';

/** What stands open on the Voice screen. */
interface VoiceDesk {
  readonly room: boolean;
  readonly browser: boolean;
  readonly entry: boolean;
}

export const useVoiceDesk = create<VoiceDesk>(() => ({
  room: false,
  browser: false,
  entry: false,
}));

export const toggleDesk = (part: keyof VoiceDesk): void => {
  useVoiceDesk.setState((desk) => ({ [part]: !desk[part] }));
};
