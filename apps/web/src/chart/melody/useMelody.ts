import {
  tellLine,
  type ChartAnalysis,
  type SoloNote,
  type Timeline,
  type ToldLine,
} from '@drop-close/core';
import { useMemo } from 'react';
import { create } from 'zustand';
import { useTune } from '../../document/store';
import { useSolos, type SoloInHand } from '../../solo/useSolos';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';

interface MelodyInHand {
  /** The line that is told, by its id; the one that is comped behind, or the first, until one is chosen. */
  readonly chosen: string | undefined;
  /** Position of the note in hand. */
  readonly note: number;
}

const useMelodyStore = create<MelodyInHand>(() => ({ chosen: undefined, note: 0 }));

export const chooseMelody = (id: string): void => {
  useMelodyStore.setState({ chosen: id, note: 0 });
};
export const chooseNote = (note: number): void => {
  useMelodyStore.setState({ note });
};

export interface Melody {
  readonly solo: SoloInHand;
  /** As it is written for the reader. */
  readonly told: ToldLine;
  /** Position of the note in hand. */
  readonly note: number;
}

/** The line in hand told against the changes, as the reader's part has both. */
export function useMelody(
  time: Timeline,
  analysis: ChartAnalysis | undefined,
  wanted: boolean,
): Melody | undefined {
  const { solos } = useSolos();
  const { chosen, note } = useMelodyStore();
  const { behind } = useTune().setup.comp;
  const { reader } = usePreferences();
  const solo =
    solos.find(({ id }) => id === chosen) ?? solos.find(({ id }) => id === behind) ?? solos[0];
  const above = WRITTEN_ABOVE[reader];
  const melody = useMemo(() => {
    if (!wanted || !solo || !analysis) return undefined;
    const notes = solo.line.notes.map((note) => ({ ...note, midi: note.midi + above }) as SoloNote);
    return { solo, told: tellLine(notes, time, analysis.chords) };
  }, [wanted, solo, analysis, time, above]);
  return melody && { ...melody, note: Math.min(note, melody.told.notes.length - 1) };
}
