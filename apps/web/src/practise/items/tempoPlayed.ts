import { itemKey, type PracticeItem } from '@drop-close/core';
import { create } from 'zustand';

/** What items were played in, in this visit, in quarter notes a minute, by their names. */
const useTempos = create<Readonly<Record<string, number>>>(() => ({}));

export const tempoPlayed = (item: PracticeItem): number | undefined =>
  useTempos.getState()[itemKey(item)];

export const useTempoPlayed = (item: PracticeItem): number | undefined =>
  useTempos((tempos) => tempos[itemKey(item)]);

export const setTempoPlayed = (item: PracticeItem, tempo: number): void => {
  useTempos.setState({ [itemKey(item)]: tempo });
};
