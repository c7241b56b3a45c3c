import {
  checkProfile,
  defaultProfile,
  type Profile,
  type SettingProblem,
  type StoredTaste,
} from '@drop-close/core';
import { create } from 'zustand';
import { advance, begin, redo, throughout, undo, type History } from '../saving/history';

/** How far the profile in hand is from the stored one. */
export type ProfileSaving =
  | { readonly kind: 'saved' | 'saving' | 'offline' }
  | { readonly kind: 'refused'; readonly detail: string }
  | { readonly kind: 'conflict'; readonly theirs: Profile; readonly version: number };

export interface ProfileState {
  readonly history: History<Profile>;
  /** The profile as the server has it, and the version it has there. */
  readonly stored: Profile;
  readonly version: number;
  readonly saving: ProfileSaving;
}

export const useProfileStore = create<ProfileState>(() => ({
  history: begin(defaultProfile),
  stored: defaultProfile,
  version: 0,
  saving: { kind: 'saved' },
}));

/** The player's hands, instruments, rooms and ways of writing. */
export const useProfile = (): Profile => useProfileStore((state) => state.history.present);

export const profileNow = (): Profile => useProfileStore.getState().history.present;

/**
 * Takes a change in when the profile is sound with it; else the last good one stays, and what is wrong is
 * returned. Changes of one group at a short distance are one step of undo.
 */
export function changeProfile(change: Partial<Profile>, group?: string): SettingProblem[] {
  const next = { ...profileNow(), ...change };
  const problems = checkProfile(next);
  if (!problems.length) {
    useProfileStore.setState(({ history }) => ({
      history: advance(history, next, Date.now(), group),
    }));
  }
  return problems;
}

/** Keeps something of the player's choices, which no undo takes back. */
export const keepTaste = (taste: StoredTaste): void => {
  useProfileStore.setState(({ history }) => ({
    history: throughout(history, (profile) => ({ ...profile, taste })),
  }));
};

export const undoProfile = (): void => {
  useProfileStore.setState(({ history }) => ({ history: undo(history) }));
};

export const redoProfile = (): void => {
  useProfileStore.setState(({ history }) => ({ history: redo(history) }));
};
