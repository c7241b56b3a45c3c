import { mergedTaste, noTaste, type Profile } from '@drop-close/core';
import { Refusal, Unreachable, api } from '../api/client';
import { same } from '../document/convert';
import { Autosave, type SendOutcome } from '../saving/autosave';
import { advance, begin } from '../saving/history';
import { keepProfile, readProfile } from './profileCopy';
import { keepTaste, profileNow, useProfileStore } from './profileStore';

/** Whether the server has told what it has; before that nothing is sent. */
let met = false;

const saving = new Autosave({
  unsaved: () => !same(profileNow(), useProfileStore.getState().stored),
  waiting: () => useProfileStore.getState().saving.kind === 'conflict',
  keepHere,
  send,
  show: (kind) => {
    useProfileStore.setState({ saving: { kind } });
  },
});

/** Keeps the profile saved, here and on the server. Runs until the returned function is called. */
export function startProfileSync(): () => void {
  const { profile, stored, version } = readProfile();
  useProfileStore.setState({ history: begin(profile), stored, version });
  const unsubscribe = useProfileStore.subscribe((state, before) => {
    if (state.history.present !== before.history.present) saving.changed();
  });
  const unwatch = saving.watch();
  void saving.now();
  return () => {
    unsubscribe();
    unwatch();
    saving.stop();
    met = false;
  };
}

/** Meets the server, if that is not done, and sends what has changed. */
export const saveProfile = (): Promise<void> => saving.now();

async function send(): Promise<SendOutcome> {
  try {
    if (!met && !(await meet())) return 'conflict';
    const { stored, version } = useProfileStore.getState();
    const profile = profileNow();
    if (same(profile, stored)) return 'saved';
    const saved = await api.saveProfile(profile, version);
    useProfileStore.setState({ stored: profile, version: saved.version });
    return 'saved';
  } catch (error) {
    return notSaved(error);
  }
}

/**
 * Takes up what the server has, unless something changed here since the two last met.
 * @returns false where it changed here and there
 */
async function meet(): Promise<boolean> {
  const theirs = await api.profile();
  const { stored, history } = useProfileStore.getState();
  const changedHere = !same(history.present, stored);
  met = true;
  if (!changedHere) {
    useProfileStore.setState({ ...theirs, stored: theirs.profile, history: begin(theirs.profile) });
  } else if (same(theirs.profile, stored) || theirs.version === 0) {
    useProfileStore.setState({ stored: theirs.profile, version: theirs.version });
  } else if (!fitted(theirs.profile, theirs.version)) {
    standsAgainst(theirs.profile, theirs.version);
    return false;
  }
  return true;
}

function notSaved(error: unknown): SendOutcome {
  if (error instanceof Unreachable) return 'unreachable';
  if (!(error instanceof Refusal)) throw error;
  const { problem } = error;
  if (problem.status === 409) {
    const { profile, version } = problem.theirs as { profile: Profile; version: number };
    if (fitted(profile, version)) return 'saved';
    standsAgainst(profile, version);
    return 'conflict';
  }
  const detail = problem.errors?.[0]?.message ?? error.message;
  useProfileStore.setState({ saving: { kind: 'refused', detail } });
  return 'refused';
}

/**
 * Choices made in two places are no conflict: both are learned from. Where one side has chosen and nothing else, the
 * settings are those of the other.
 * @returns false where the settings were changed here and there
 */
function fitted(theirs: Profile, version: number): boolean {
  const { stored } = useProfileStore.getState();
  const mine = profileNow();
  const taste = mergedTaste(theirs.taste, mine.taste);
  if (sameSettings(mine, stored)) {
    useProfileStore.setState({ stored: theirs, version, history: begin({ ...theirs, taste }) });
    return true;
  }
  if (!sameSettings(theirs, stored) && !sameSettings(theirs, mine)) return false;
  useProfileStore.setState({ stored: theirs, version });
  keepTaste(taste);
  return true;
}

const sameSettings = (one: Profile, other: Profile): boolean =>
  same({ ...one, taste: noTaste }, { ...other, taste: noTaste });

function standsAgainst(theirs: Profile, version: number): void {
  useProfileStore.setState({ saving: { kind: 'conflict', theirs, version } });
}

/** Two places changed the profile: one is taken, the other stays one undo away. */
export function settleProfile(choice: 'mine' | 'theirs'): void {
  const { saving: state, history } = useProfileStore.getState();
  if (state.kind !== 'conflict') return;
  const { theirs, version } = state;
  const [taken, other] = choice === 'mine' ? [history.present, theirs] : [theirs, history.present];
  const both = advance(advance(history, { ...other }, 0), { ...taken }, 0);
  useProfileStore.setState({
    stored: theirs,
    version,
    saving: { kind: 'saving' },
    history: both,
  });
  void saving.now();
}

function keepHere(): void {
  const { history, stored, version } = useProfileStore.getState();
  keepProfile({ profile: history.present, stored, version });
}
