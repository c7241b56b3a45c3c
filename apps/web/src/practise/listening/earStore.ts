import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { SCRIPTED_HANDS } from '@drop-close/core';
import { midiInputs, NoMidi, type NoteInput } from '../../midi/inputs';
import { safeStorage } from '../../ui/safeStorage';

interface Ear {
  /** Keyboards that can be listened to; none before they were looked for. */
  readonly keyboards: readonly NoteInput[];
  /** The id of the keyboard or stand-in that is listened to. */
  readonly from: string | undefined;
  readonly anyOctave: boolean;
  /** Why there is no keyboard. */
  readonly problem: string | undefined;
}

/** Who is listened to while a layer is played. Kept for this visit, the octaves in this browser. */
export const useEar = create<Ear>()(
  persist((): Ear => ({ keyboards: [], from: undefined, anyOctave: true, problem: undefined }), {
    name: 'drop-close ear',
    storage: safeStorage(),
    partialize: ({ anyOctave }) => ({ anyOctave }),
  }),
);

/** Looks for keyboards, and listens to the first. */
export async function findKeyboards(): Promise<void> {
  try {
    const keyboards = await midiInputs();
    useEar.setState({
      keyboards,
      from: keyboards[0]?.id,
      problem: keyboards.length ? undefined : 'No MIDI keyboard is plugged in.',
    });
  } catch (error) {
    if (!(error instanceof NoMidi)) throw error;
    useEar.setState({ problem: error.message, from: undefined });
  }
}

export const isScripted = (from: string | undefined): from is (typeof SCRIPTED_HANDS)[number] =>
  (SCRIPTED_HANDS as readonly (string | undefined)[]).includes(from);
