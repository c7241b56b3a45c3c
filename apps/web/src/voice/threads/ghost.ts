import { voicingKey, type Voicing } from '@drop-close/core';
import { create } from 'zustand';
import { engine } from '../../engine/client';
import type { VoicedPath } from '../../engine/protocol';

/** The chorus as it would be, drawn beside the one that is. */
interface GhostState {
  readonly chorusId: number;
  readonly path: readonly Voicing[] | undefined;
  readonly changes: VoicedPath['changes'];
  readonly total: number;
  readonly terms: VoicedPath['terms'] | undefined;
  /** What it is a ghost of: the chord and the key of its voicing, or a whole way. */
  readonly of: string | undefined;
}

const NO_GHOST: GhostState = {
  chorusId: 0,
  path: undefined,
  changes: [],
  total: 0,
  terms: undefined,
  of: undefined,
};

export const useGhost = create<GhostState>(() => NO_GHOST);

export const hideGhost = (): void => {
  useGhost.setState(NO_GHOST);
};

export const ghostName = (index: number, voicing: Voicing): string =>
  `${index} ${voicingKey(voicing)}`;

/** Asks how the whole chorus would be with a voicing taken, and shows it if that is still asked for. */
export async function showGhost(chorusId: number, index: number, voicing: Voicing): Promise<void> {
  const of = ghostName(index, voicing);
  if (useGhost.getState().of === of) return;
  useGhost.setState({ ...NO_GHOST, chorusId, of });
  const preview = await engine.preview(chorusId, index, voicing);
  if (!preview || useGhost.getState().of !== of) return;
  const { path, changes, total, terms } = preview;
  useGhost.setState({ path, changes, total, terms });
}

/** Chords that a ghost voices otherwise. */
export const changedChords = (
  path: readonly Voicing[],
  ghost: readonly Voicing[] | undefined,
): number[] =>
  (ghost ?? []).flatMap((voicing, at) =>
    voicingKey(voicing) === voicingKey(path[at] ?? voicing) ? [] : [at],
  );

/** Of these the ones that would sound otherwise; the others are the same notes held elsewhere. */
export const soundsOtherwise = (a: Voicing | undefined, b: Voicing | undefined): boolean =>
  pitchesOf(a) !== pitchesOf(b);

const pitchesOf = (voicing: Voicing | undefined): string =>
  (voicing?.notes ?? []).map(({ midi }) => midi).join(' ');
