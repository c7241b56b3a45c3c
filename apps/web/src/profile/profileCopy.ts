import { defaultProfile, type Profile, type Writing } from '@drop-close/core';
import { safeStore, type SmallStore } from '../ui/safeStorage';

/** The profile as this browser keeps it, for when the server is away. */
export interface ProfileCopy {
  readonly profile: Profile;
  readonly stored: Profile;
  readonly version: number;
}

const KEY = 'drop-close profile';
/** Where earlier versions of the application kept how things are written. */
const EARLIER = 'drop-close preferences';

/** Keeps a copy. It is read before the first paint, so it does not wait for the larger store. */
export function keepProfile(copy: ProfileCopy, storage: SmallStore = safeStore): void {
  storage.setItem(KEY, JSON.stringify(copy));
}

/** The copy kept here; where there is none, what everybody begins with, written as it was written before. */
export function readProfile(storage: SmallStore = safeStore): ProfileCopy {
  const kept = parsed(storage.getItem(KEY)) as ProfileCopy | undefined;
  if (kept?.profile.version === defaultProfile.version) return kept;
  const writing = { ...defaultProfile.writing, ...earlierWriting(storage) };
  return { profile: { ...defaultProfile, writing }, stored: defaultProfile, version: 0 };
}

function earlierWriting(storage: SmallStore): Partial<Writing> {
  const before = parsed(storage.getItem(EARLIER)) as { state: Partial<Writing> } | undefined;
  if (!before) return {};
  const { symbols, notes, plain, school } = before.state;
  return {
    ...(symbols && { symbols }),
    ...(notes && { notes }),
    ...(plain !== undefined && { plain }),
    ...(school && { school }),
  };
}

function parsed(text: string | null): unknown {
  try {
    return text ? (JSON.parse(text) as unknown) : undefined;
  } catch {
    return undefined;
  }
}
