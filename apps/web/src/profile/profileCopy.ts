import { defaultProfile, type Profile, type Writing } from '@drop-close/core';

/** The profile as this browser keeps it, for when the server is away. */
export interface ProfileCopy {
  readonly profile: Profile;
  readonly stored: Profile;
  readonly version: number;
}

const KEY = 'drop-close profile';
/** Where earlier versions of the application kept how things are written. */
const EARLIER = 'drop-close preferences';

export function keepProfile(copy: ProfileCopy, storage: Storage = localStorage): void {
  storage.setItem(KEY, JSON.stringify(copy));
}

/** The copy kept here; where there is none, what everybody begins with, written as it was written before. */
export function readProfile(storage: Storage = localStorage): ProfileCopy {
  const kept = parsed(storage.getItem(KEY)) as ProfileCopy | undefined;
  if (kept?.profile.version === defaultProfile.version) return kept;
  const writing = { ...defaultProfile.writing, ...earlierWriting(storage) };
  return { profile: { ...defaultProfile, writing }, stored: defaultProfile, version: 0 };
}

function earlierWriting(storage: Storage): Partial<Writing> {
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
