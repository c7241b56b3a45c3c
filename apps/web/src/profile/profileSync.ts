import type { Profile } from '@drop-close/core';
import { Refusal, Unreachable, api } from '../api/client';
import { same } from '../document/convert';
import { advance, begin } from '../document/history';
import { keepProfile, readProfile } from './profileCopy';
import { profileNow, useProfileStore } from './profileStore';

/** Quiet time after the last change before it is sent, and between tries while the server is away, in ms. */
const SETTLE = 500;
const RETRY = 2500;

let timer: ReturnType<typeof setTimeout> | undefined;
let busy = false;
/** Whether the server has told what it has; before that nothing is sent. */
let met = false;

/** Keeps the profile saved, here and on the server. Runs until the returned function is called. */
export function startProfileSync(): () => void {
  const { profile, stored, version } = readProfile();
  useProfileStore.setState({ history: begin(profile), stored, version });
  const unsubscribe = useProfileStore.subscribe((state, before) => {
    if (state.history.present !== before.history.present) onChange();
  });
  const onOnline = (): void => void saveProfile();
  window.addEventListener('online', onOnline);
  void saveProfile();
  return () => {
    unsubscribe();
    window.removeEventListener('online', onOnline);
    clearTimeout(timer);
    met = false;
  };
}

function onChange(): void {
  keep();
  const { stored, saving } = useProfileStore.getState();
  if (same(profileNow(), stored) || saving.kind === 'conflict') return;
  if (saving.kind !== 'offline') useProfileStore.setState({ saving: { kind: 'saving' } });
  schedule(SETTLE);
}

function schedule(delay: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => void saveProfile(), delay);
}

/** Meets the server, if that is not done, and sends what has changed. */
export async function saveProfile(): Promise<void> {
  if (busy || useProfileStore.getState().saving.kind === 'conflict') return;
  busy = true;
  try {
    if (!met) await meet();
    await send();
  } catch (error) {
    onFailure(error);
  } finally {
    busy = false;
  }
}

/** Takes up what the server has, unless something changed here since the two last met. */
async function meet(): Promise<void> {
  const theirs = await api.profile();
  const { stored, history } = useProfileStore.getState();
  const changedHere = !same(history.present, stored);
  met = true;
  if (!changedHere) {
    useProfileStore.setState({ ...theirs, stored: theirs.profile, history: begin(theirs.profile) });
  } else if (same(theirs.profile, stored) || theirs.version === 0) {
    useProfileStore.setState({ stored: theirs.profile, version: theirs.version });
  } else {
    useProfileStore.setState({
      saving: { kind: 'conflict', theirs: theirs.profile, version: theirs.version },
    });
  }
  keep();
}

async function send(): Promise<void> {
  const { stored, version, saving } = useProfileStore.getState();
  const profile = profileNow();
  if (saving.kind === 'conflict') return;
  if (!same(profile, stored)) {
    const saved = await api.saveProfile(profile, version);
    useProfileStore.setState({ stored: profile, version: saved.version });
    keep();
    if (!same(profileNow(), profile)) {
      schedule(SETTLE);
      return;
    }
  }
  useProfileStore.setState({ saving: { kind: 'saved' } });
}

function onFailure(error: unknown): void {
  if (error instanceof Unreachable) {
    useProfileStore.setState({ saving: { kind: 'offline' } });
    schedule(RETRY);
    return;
  }
  if (!(error instanceof Refusal)) throw error;
  const { problem } = error;
  if (problem.status === 409) {
    const { profile, version } = problem.theirs as { profile: Profile; version: number };
    useProfileStore.setState({ saving: { kind: 'conflict', theirs: profile, version } });
    return;
  }
  const detail = problem.errors?.[0]?.message ?? error.message;
  useProfileStore.setState({ saving: { kind: 'refused', detail } });
}

/** Two places changed the profile: one is taken, the other stays one undo away. */
export function settleProfile(choice: 'mine' | 'theirs'): void {
  const { saving, history } = useProfileStore.getState();
  if (saving.kind !== 'conflict') return;
  const { theirs, version } = saving;
  const [taken, other] = choice === 'mine' ? [history.present, theirs] : [theirs, history.present];
  const both = advance(advance(history, { ...other }, 0), { ...taken }, 0);
  useProfileStore.setState({
    stored: theirs,
    version,
    saving: { kind: 'saving' },
    history: both,
  });
  void saveProfile();
}

function keep(): void {
  const { history, stored, version } = useProfileStore.getState();
  keepProfile({ profile: history.present, stored, version });
}
