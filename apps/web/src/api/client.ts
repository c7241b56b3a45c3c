import type {
  Profile,
  ProblemDetails,
  ArrangementFields,
  ArrangementView,
  LickFields,
  LickView,
  ProfileView,
  SetFields,
  SetView,
  SoloFields,
  SoloView,
  TuneFields,
  TuneGlance,
  TuneView,
} from '@drop-close/core';

/** What of an answer that says no is used here. */
export type Problem = Pick<
  ProblemDetails,
  'status' | 'title' | 'detail' | 'errors' | 'yours' | 'theirs'
>;

/** The server answered, and said no. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server did not answer, or is not well: worth another try later. */
export class Unreachable extends Error {}

async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  const init: RequestInit = { method };
  if (body !== undefined) {
    init.body = JSON.stringify(body);
    init.headers = { 'content-type': 'application/json' };
  }
  const response = await fetch(`/api${path}`, init).catch((error: unknown) => {
    throw new Unreachable(String(error));
  });
  if (response.status >= 500) throw new Unreachable(`The server answered ${response.status}.`);
  if (response.status === 204) return undefined as T;
  const answer: unknown = await response.json().catch(() => {
    throw new Unreachable('The answer could not be read.');
  });
  if (!response.ok) throw new Refusal(answer as Problem);
  return answer as T;
}

export const api = {
  tunes: () => request<TuneGlance[]>('GET', '/tunes'),
  tune: (id: string) => request<TuneView>('GET', `/tunes/${id}`),
  createTune: (fields: TuneFields) => request<TuneView>('POST', '/tunes', fields),
  saveTune: (id: string, fields: TuneFields, version: number) =>
    request<TuneView>('PUT', `/tunes/${id}`, { ...fields, version }),
  deleteTune: (id: string) => request<undefined>('DELETE', `/tunes/${id}`),
  copyTune: (id: string) => request<TuneView>('POST', `/tunes/${id}/copy`),
  restoreTune: (id: string) => request<TuneView>('POST', `/tunes/${id}/restore`),
  sets: () => request<SetView[]>('GET', '/sets'),
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
  solos: (tuneId: string) => request<SoloView[]>('GET', `/tunes/${tuneId}/solos`),
  createSolo: (tuneId: string, fields: SoloFields) =>
    request<SoloView>('POST', `/tunes/${tuneId}/solos`, fields),
  saveSolo: ({ id, tuneId, ...body }: SoloView) => request<SoloView>('PUT', `/solos/${id}`, body),
  deleteSolo: (id: string) => request<undefined>('DELETE', `/solos/${id}`),
  licks: () => request<LickView[]>('GET', '/licks'),
  createLick: (fields: LickFields) => request<LickView>('POST', '/licks', fields),
  saveLick: ({ id, ...body }: LickView) => request<LickView>('PUT', `/licks/${id}`, body),
  deleteLick: (id: string) => request<undefined>('DELETE', `/licks/${id}`),
  restoreLick: (id: string) => request<LickView>('POST', `/licks/${id}/restore`),
  restoreSolo: (id: string) => request<SoloView>('POST', `/solos/${id}/restore`),
};

export type Api = typeof api;
