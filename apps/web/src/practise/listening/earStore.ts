import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { SCRIPTED_HANDS, type Part } from '@drop-close/core';
import { midiInputs, NoMidi, type NoteInput } from '../../midi/inputs';
import { safeStorage } from '../../ui/safeStorage';

interface Ear {
  /** Keyboards that can be listened to; none before they were looked for. */
  readonly keyboards: readonly NoteInput[];
  /** The id of the keyboard or stand-in that is listened to. */
  readonly from: string | undefined;
  readonly anyOctave: boolean;
  /** The band leaves the part of whoever is listened to to them. */
  readonly leavesOut: boolean;
  /** Why there is no keyboard. */
  readonly problem: string | undefined;
}

const NOBODY_YET: Ear = {
  ...{ keyboards: [], from: undefined, problem: undefined },
  ...{ anyOctave: true, leavesOut: false },
};

/** Who is listened to while a layer is played. Who it is lasts for this visit, how it is judged is kept in this browser. */
export const useEar = create<Ear>()(
  persist((): Ear => NOBODY_YET, {
    name: 'drop-close ear',
    storage: safeStorage(),
    partialize: ({ anyOctave, leavesOut }) => ({ anyOctave, leavesOut }),
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

/** The part that the band leaves out, if it is to. */
export function partLeftOut(part: Part): Part | undefined {
  const { from, leavesOut } = useEar.getState();
  return leavesOut && from !== undefined ? part : undefined;
}

export const isScripted = (from: string | undefined): from is (typeof SCRIPTED_HANDS)[number] =>
  (SCRIPTED_HANDS as readonly (string | undefined)[]).includes(from);
