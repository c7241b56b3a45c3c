import type { ArrangementView, TuneView } from '@drop-close/core';
import { Refusal, Unreachable } from '../api/client';
import type { KeptEdit } from './keptEdits';
import { openTune } from './openTune';
import { saveDocument } from './saver';
import { tuneOf, viewOf } from '../testing/tunes';
import type { Origin } from './types';

const tune = tuneOf('| C6 |');
const origin: Origin = {
  tuneId: 't',
  arrangementId: 't-a',
  tuneVersion: 1,
  arrangementVersion: 1,
};
const view = (change: Partial<TuneView> = {}): TuneView => ({ ...viewOf('t', tune, 2), ...change });
const conflict = new Refusal({ status: 409, title: 'Conflict', detail: 'changed elsewhere' });

function server(change: object = {}) {
  const calls: string[] = [];
  return {
    calls,
    tune: () => Promise.resolve(view({ text: '| Theirs |' })),
    createTune: ({ id }: { id?: string }): Promise<TuneView> => {
      calls.push(`new ${id ?? ''}`);
      return Promise.resolve(view({ version: 1 }));
    },
    saveTune: (_: string, { text }: { text: string }, version: number): Promise<TuneView> => {
      calls.push(`tune ${version} ${text}`);
      return Promise.resolve(view({ version: version + 1 }));
    },
    saveArrangement: (_: string, __: object, version: number): Promise<ArrangementView> => {
      calls.push(`arrangement ${version}`);
      return Promise.resolve({ ...view().arrangements[0]!, version: version + 1 });
    },
    ...change,
  };
}
const edited = { ...tune, text: '| F6 |' };
const both = { ...edited, setup: { ...tune.setup, loop: false } };

describe('saving', () => {
  it('sends only what has changed', async () => {
    const api = server();
    const outcome = await saveDocument(api, edited, tune, origin);
    expect(api.calls).toEqual(['tune 1 | F6 |']);
    expect(outcome).toEqual({ kind: 'saved', origin: { ...origin, tuneVersion: 2 } });
  });

  it('sends the tune and then the arrangement', async () => {
    const api = server();
    await saveDocument(api, both, tune, origin);
    expect(api.calls).toEqual(['tune 1 | F6 |', 'arrangement 1']);
  });

  it('says how far it came when the server goes away half way', async () => {
    const api = server({ saveArrangement: () => Promise.reject(new Unreachable()) });
    expect(await saveDocument(api, both, tune, origin)).toEqual({
      kind: 'unreachable',
      origin: { ...origin, tuneVersion: 2 },
      stored: edited,
    });
  });

  it('brings the other version along on a conflict', async () => {
    const api = server({ saveTune: () => Promise.reject(conflict) });
    expect(await saveDocument(api, edited, tune, origin)).toMatchObject({
      kind: 'stale',
      theirs: { text: '| Theirs |' },
      origin: { tuneVersion: 2 },
    });
  });

  it('makes a tune that is not in the book yet, and then sends what was done to it', async () => {
    const api = server();
    const fresh = { ...origin, tuneVersion: 0 };
    expect(await saveDocument(api, both, tune, fresh)).toMatchObject({ kind: 'saved' });
    expect(api.calls).toEqual(['new t', 'tune 1 | F6 |', 'arrangement 2']);
  });

  it('says that the tune is gone', async () => {
    const gone = new Refusal({ status: 404, title: 'Not Found', detail: 'There is no tune' });
    const api = server({ saveTune: () => Promise.reject(gone) });
    expect(await saveDocument(api, edited, tune, origin)).toEqual({ kind: 'gone' });
  });

  it('repeats the first reason of a refusal', async () => {
    const problem = {
      status: 400,
      title: 'Bad Request',
      detail: 'Some fields',
      errors: [{ path: 'tempo', message: 'tempo must not be greater than 360' }],
    };
    const api = server({ saveTune: () => Promise.reject(new Refusal(problem)) });
    expect(await saveDocument(api, edited, tune, origin)).toEqual({
      kind: 'refused',
      detail: 'tempo must not be greater than 360',
    });
  });
});

describe('opening', () => {
  const stored = view({ text: tune.text });
  const copy: KeptEdit = { document: edited, stored: tune, origin, tab: 'x', at: 1 };
  const none = { keptTune: () => Promise.resolve(undefined) };
  const api = { ...none, tune: () => Promise.resolve(stored) };
  const away = { ...none, tune: () => Promise.reject(new Unreachable()) };

  it('takes the stored tune where this browser has kept nothing', async () => {
    expect(await openTune(api, 't', undefined)).toMatchObject({
      document: tune,
      save: { kind: 'saved' },
    });
  });

  it('brings back what this browser kept while the server was away', async () => {
    expect(await openTune(api, 't', copy)).toMatchObject({
      document: edited,
      stored: tune,
      origin: { tuneVersion: 2 },
      save: { kind: 'saving' },
    });
  });

  const elsewhere = (change: Partial<TuneView>) => ({
    ...none,
    tune: () => Promise.resolve(view({ text: tune.text, ...change })),
  });

  it('brings it together with what was stored elsewhere meanwhile', async () => {
    expect(await openTune(elsewhere({ tempo: 90 }), 't', copy)).toMatchObject({
      document: { text: edited.text, tempo: 90 },
      stored: { text: tune.text, tempo: 90 },
      save: { kind: 'saving' },
    });
  });

  it('offers both where both changed the same', async () => {
    const other = await openTune(elsewhere({ text: '| Am7 |' }), 't', copy);
    expect(other).toMatchObject({
      document: edited,
      save: { kind: 'conflict', theirs: { text: '| Am7 |' }, conflicts: [{ path: 'text' }] },
    });
  });

  it('opens from what is kept here while the server is away', async () => {
    expect(await openTune(away, 't', copy)).toMatchObject({
      document: edited,
      save: { kind: 'offline' },
    });
    const kept = { ...away, keptTune: () => Promise.resolve(stored) };
    expect(await openTune(kept, 't', undefined)).toMatchObject({
      document: tune,
      save: { kind: 'saved' },
    });
    await expect(openTune(away, 't', undefined)).rejects.toThrow(Unreachable);
  });

  it('says that the tune is gone, and has the edit in hand', async () => {
    const gone = new Refusal({ status: 404, title: 'Not Found', detail: 'There is no tune' });
    const without = { ...none, tune: () => Promise.reject(gone) };
    expect(await openTune(without, 't', copy)).toMatchObject({
      document: edited,
      save: { kind: 'gone' },
    });
    await expect(openTune(without, 't', undefined)).rejects.toThrow('There is no tune');
  });

  it('opens a new tune that only this browser has', async () => {
    const gone = new Refusal({ status: 404, title: 'Not Found', detail: 'There is no tune' });
    const without = { ...none, tune: () => Promise.reject(gone) };
    const fresh = { ...copy, origin: { ...origin, tuneVersion: 0 } };
    expect(await openTune(without, 't', fresh)).toMatchObject({ save: { kind: 'saving' } });
  });
});
