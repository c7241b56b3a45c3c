import { create } from 'zustand';
import { keepAnswer, keptAnswer } from '../local/answers';
import type {
  Profile,
  ProblemDetails,
  ArrangementFields,
  ArrangementView,
  BookLick,
  BookSet,
  BookTune,
  DoorView,
  EnterFields,
  EntryFields,
  EntryView,
  ListedTune,
  LickFields,
  LickView,
  NewSessionFields,
  NewTuneFields,
  NewTunesFields,
  PassphraseFields,
  PracticeItemView,
  PracticeNote,
  PracticeNoteFields,
  ProfileView,
  SessionView,
  SetFields,
  SetView,
  SoloFields,
  SoloView,
  ThrownAway,
  EtudesFields,
  JobView,
  PartsFields,
  TrackFields,
  TrackView,
  TuneFields,
  TuneMoment,
  TuneThen,
  TuneView,
} from '@drop-close/core';

/** Where the answer about a tune is kept. */
export const tunePath = (id: string): string => `/tunes/${id}`;

/** What of an answer that says no is used here. */
export type Problem = Pick<ProblemDetails, 'status' | 'title' | 'detail' | 'errors' | 'theirs'>;

/** The server answered, and said no. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server or its database did not answer: worth another try later. */
export class Unreachable extends Error {}

/** The book has a passphrase that was not entered here; what is unsaved waits as if the server were away. */
export class Locked extends Unreachable {}

/** How long an answer is waited for, in ms. */
const PATIENCE = 12_000;
/** A gateway, or this server, that says that what stands behind it does not answer. Source: RFC 9110. */
const AWAY: readonly number[] = [502, 503, 504];

/** Whether the server answered when it was asked last, and whether it asks for the passphrase first. */
export const useServer = create<{ readonly away: boolean; readonly locked: boolean }>(() => ({
  away: false,
  locked: false,
}));

async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  try {
    const answer = await ask<T>(method, path, body);
    if (useServer.getState().away) useServer.setState({ away: false });
    return answer;
  } catch (error) {
    noteFailure(error);
    throw error;
  }
}

function noteFailure(error: unknown): void {
  if (error instanceof Locked) useServer.setState({ locked: true });
  else if (useServer.getState().away !== error instanceof Unreachable) {
    useServer.setState({ away: error instanceof Unreachable });
  }
}

/** Asks, and keeps the answer for when the server is away. */
async function readNow<T>(path: string): Promise<T> {
  const answer = await request<T>('GET', path);
  void keepAnswer(path, answer);
  return answer;
}

/** Asks; while the server is away it gives the answer of the last time. */
async function read<T>(path: string): Promise<T> {
  try {
    return await readNow<T>(path);
  } catch (error) {
    const kept = error instanceof Unreachable ? await keptAnswer(path) : undefined;
    if (kept === undefined) throw error;
    return kept as T;
  }
}

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const init: RequestInit = { method, signal: AbortSignal.timeout(PATIENCE) };
  if (body !== undefined) {
    init.body = JSON.stringify(body);
    init.headers = { 'content-type': 'application/json' };
  }
  const response = await fetch(`/api${path}`, init).catch((error: unknown) => {
    const late = error instanceof DOMException && error.name === 'TimeoutError';
    throw new Unreachable(
      late ? 'The server has not answered in 12 seconds.' : 'The server does not answer.',
    );
  });
  if (AWAY.includes(response.status)) throw new Unreachable(await awayBecause(response));
  if (response.status === 401) throw new Locked('This book has a passphrase: enter it first.');
  if (response.status === 204) return undefined as T;
  const answer: unknown = await response.json().catch(() => {
    // An answer that was cut off; a failure without one in words is still one.
    if (response.ok) throw new Unreachable('The answer could not be read.');
    return failureOf(response);
  });
  if (!response.ok) throw new Refusal(answer as Problem);
  return answer as T;
}

async function awayBecause(response: Response): Promise<string> {
  const problem = (await response.json().catch(() => ({}))) as Partial<Problem>;
  return problem.detail ?? `The server answered ${response.status}.`;
}

const failureOf = ({ status, statusText }: Response): Problem => ({
  status,
  title: statusText,
  detail: `The server answered ${status}; nothing was stored.`,
});

export const api = {
  health: () => request<object>('GET', '/health'),
  /** One page of the tunes; the next one begins after the last of it. */
  tunes: (after?: string) =>
    read<ListedTune[]>(after === undefined ? '/tunes' : `/tunes?after=${after}`),
  /** The first page of the tunes whose titles hold these words. */
  searchTunes: (words: string) =>
    request<ListedTune[]>('GET', `/tunes?search=${encodeURIComponent(words)}`),
  /** As the server has it now, and not as it was kept here. */
  tune: (id: string) => readNow<TuneView>(tunePath(id)),
  /** As the server had it last, as far as this browser knows. */
  keptTune: (id: string) => keptAnswer(tunePath(id)) as Promise<TuneView | undefined>,
  keepTune: (tune: TuneView) => keepAnswer(tunePath(tune.id), tune),
  /** What the list said of a tune when it was kept with all that hangs on it. */
  keptSince: (id: string) => keptAnswer(`/kept/${id}`),
  noteKept: (id: string, changedAt: string) => keepAnswer(`/kept/${id}`, changedAt),
  door: () => request<DoorView>('GET', '/door'),
  enter: (fields: EnterFields) => request<undefined>('POST', '/door/enter', fields),
  leave: () => request<undefined>('POST', '/door/leave'),
  setPassphrase: (fields: PassphraseFields) => request<undefined>('PUT', '/door', fields),
  takePassphraseOff: (fields: EnterFields) => request<undefined>('DELETE', '/door', fields),
  /** Moments of a tune's history, the latest first: one page, of those before a moment where one is given. */
  history: (id: string, before?: string) =>
    request<TuneMoment[]>(
      'GET',
      `/tunes/${id}/history${before === undefined ? '' : `?before=${before}`}`,
    ),
  tuneThen: (id: string, at: string) => request<TuneThen>('GET', `/tunes/${id}/history/${at}`),
  trash: () => request<ThrownAway[]>('GET', '/trash'),
  createTune: (fields: NewTuneFields) => request<TuneView>('POST', '/tunes', fields),
  putIn: (fields: NewTunesFields) => request<string[]>('POST', '/incoming', fields),
  saveTune: (id: string, fields: TuneFields, version: number) =>
    request<TuneView>('PUT', `/tunes/${id}`, { ...fields, version }),
  deleteTune: (id: string) => request<undefined>('DELETE', `/tunes/${id}`),
  copyTune: (id: string) => request<TuneView>('POST', `/tunes/${id}/copy`),
  restoreTune: (id: string) => request<TuneView>('POST', `/tunes/${id}/restore`),
  sets: () => read<SetView[]>('/sets'),
  createSet: (fields: SetFields) => request<SetView>('POST', '/sets', fields),
  saveSet: ({ id, ...body }: SetView) => request<SetView>('PUT', `/sets/${id}`, body),
  deleteSet: (id: string) => request<undefined>('DELETE', `/sets/${id}`),
  restoreSet: (id: string) => request<SetView>('POST', `/sets/${id}/restore`),
  profile: () => request<ProfileView>('GET', '/profile'),
  saveProfile: (profile: Profile, version: number) =>
    request<ProfileView>('PUT', '/profile', { profile, version }),
  createArrangement: (tuneId: string, fields: ArrangementFields) =>
    request<ArrangementView>('POST', `/tunes/${tuneId}/arrangements`, fields),
  saveArrangement: (id: string, fields: ArrangementFields, version: number) =>
    request<ArrangementView>('PUT', `/arrangements/${id}`, { ...fields, version }),
  solos: (tuneId: string) => read<SoloView[]>(`/tunes/${tuneId}/solos`),
  createSolo: (tuneId: string, fields: SoloFields) =>
    request<SoloView>('POST', `/tunes/${tuneId}/solos`, fields),
  saveSolo: ({ id, tuneId, ...body }: SoloView) => request<SoloView>('PUT', `/solos/${id}`, body),
  deleteSolo: (id: string) => request<undefined>('DELETE', `/solos/${id}`),
  licks: () => read<LickView[]>('/licks'),
  createLick: (fields: LickFields) => request<LickView>('POST', '/licks', fields),
  saveLick: ({ id, ...body }: LickView) => request<LickView>('PUT', `/licks/${id}`, body),
  deleteLick: (id: string) => request<undefined>('DELETE', `/licks/${id}`),
  restoreLick: (id: string) => request<LickView>('POST', `/licks/${id}/restore`),
  /** One page of the practised items; the next one begins after the last of it. */
  items: (after?: string) =>
    read<PracticeItemView[]>(
      after === undefined
        ? '/practice/items'
        : `/practice/items?after=${encodeURIComponent(after)}`,
    ),
  notesOf: (item: string) =>
    request<PracticeNote[]>('GET', `/practice/notes?item=${encodeURIComponent(item)}`),
  addNotes: (notes: readonly PracticeNoteFields[]) =>
    request<PracticeItemView[]>('POST', '/practice/notes', { notes }),
  /** One page of the logbook, the latest days first; the next one begins before the last of it. */
  log: (before?: string) =>
    read<EntryView[]>(before === undefined ? '/practice/log' : `/practice/log?before=${before}`),
  addEntries: (entries: readonly EntryFields[]) =>
    request<EntryView[]>('POST', '/practice/log', { entries }),
  saveEntry: ({ id, ...body }: EntryView) => request<EntryView>('PUT', `/practice/log/${id}`, body),
  deleteEntry: (id: string) => request<undefined>('DELETE', `/practice/log/${id}`),
  restoreEntry: (id: string) => request<EntryView>('POST', `/practice/log/${id}/restore`),
  /** One page of the sessions, the latest first; the next one is of those before the last of it. */
  sessions: (before?: string) =>
    read<SessionView[]>(
      before === undefined ? '/practice/sessions' : `/practice/sessions?before=${before}`,
    ),
  createSession: (fields: NewSessionFields) =>
    request<SessionView>('POST', '/practice/sessions', fields),
  saveSession: ({ id, ...body }: SessionView) =>
    request<SessionView>('PUT', `/practice/sessions/${id}`, body),
  /** What comes from the archive of a book goes where it was. */
  putTune: ({ id, ...body }: BookTune) => request<undefined>('PUT', `/book/tunes/${id}`, body),
  putSet: ({ id, ...body }: BookSet) => request<undefined>('PUT', `/book/sets/${id}`, body),
  putLick: ({ id, ...body }: BookLick) => request<undefined>('PUT', `/book/licks/${id}`, body),
  tracks: () => request<TrackView[]>('GET', '/tracks'),
  makeTrack: (fields: TrackFields) => request<TrackView>('POST', '/tracks', fields),
  jobs: () => request<JobView[]>('GET', '/jobs'),
  makeParts: (fields: PartsFields) => request<JobView>('POST', '/jobs/parts', fields),
  makeEtudes: (fields: EtudesFields) => request<JobView>('POST', '/jobs/etudes', fields),
  removeJob: (id: string) => request<undefined>('DELETE', `/jobs/${id}`),
  removeTrack: (id: string) => request<undefined>('DELETE', `/tracks/${id}`),
  restoreArrangement: (id: string) =>
    request<ArrangementView>('POST', `/arrangements/${id}/restore`),
  restoreSolo: (id: string) => request<SoloView>('POST', `/solos/${id}/restore`),
};

export type Api = typeof api;
