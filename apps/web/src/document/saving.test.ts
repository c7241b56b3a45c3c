import type { ArrangementView, TuneView } from '@drop-close/core';
import { Refusal, Unreachable } from '../api/client';
import { keepCopy, readCopy, type LocalCopy } from './localCopy';
import { openTune } from './openTune';
import { saveDocument } from './saver';
import { tuneOf } from '../testing/tunes';
import type { Origin } from './types';

const tune = tuneOf('| C6 |');
const origin: Origin = {
  tuneId: 't',
  arrangementId: 'a',
  tuneVersion: 1,
  arrangementVersion: 1,
};
const view = (change: Partial<TuneView> = {}): TuneView => ({
  ...tune,
  id: 't',
  form: '',
  formName: '',
  homeKey: 'C major',
  landmarks: [],
  bars: 1,
  problems: 0,
  updatedAt: '',
  version: 2,
  arrangements: [
    { id: 'a', tuneId: 't', name: tune.arrangementName, setup: tune.setup, version: 2 },
  ],
  ...change,
});
const conflict = new Refusal({ status: 409, title: 'Conflict', detail: 'changed elsewhere' });

function server(change: object = {}) {
  const calls: string[] = [];
  return {
    calls,
    tune: () => Promise.resolve(view({ text: '| Theirs |' })),
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
      kind: 'conflict',
      theirs: { text: '| Theirs |' },
      origin: { tuneVersion: 2 },
    });
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
  const copy = (change: Partial<LocalCopy> = {}): LocalCopy => ({
    document: edited,
    stored: tune,
    origin,
    unsaved: true,
    ...change,
  });
  const api = { tune: () => Promise.resolve(stored) };

  it('takes the stored tune where this browser has kept nothing', async () => {
    expect(await openTune(api, 't', undefined)).toMatchObject({
      document: tune,
      save: { kind: 'saved' },
    });
  });

  it('brings back what this browser kept while the server was away', async () => {
    expect(await openTune(api, 't', copy())).toMatchObject({
      document: edited,
      stored: tune,
      origin: { tuneVersion: 2 },
      save: { kind: 'saving' },
    });
  });

  it('offers both where the stored tune has changed meanwhile', async () => {
    const elsewhere = { tune: () => Promise.resolve(view({ text: '| Theirs |' })) };
    expect(await openTune(elsewhere, 't', copy())).toMatchObject({
      document: edited,
      save: { kind: 'conflict', theirs: { text: '| Theirs |' } },
    });
  });

  it('opens from the copy while the server is away', async () => {
    const away = { tune: () => Promise.reject(new Unreachable()) };
    expect(await openTune(away, 't', copy())).toMatchObject({
      document: edited,
      save: { kind: 'offline' },
    });
    await expect(openTune(away, 't', undefined)).rejects.toThrow(Unreachable);
  });

  it('does not trust a copy that cannot be read', () => {
    const storage = new Shelf(10_000);
    keepCopy(copy(), storage);
    expect(readCopy('t', storage)).toEqual(copy());
    for (const broken of ['{"document"', '{}', 'null']) {
      storage.setItem(storage.key(0) ?? '', broken);
      expect(readCopy('t', storage)).toBeUndefined();
    }
  });

  it('makes room in a full store by the copies the server has whole, never by unsaved work', () => {
    const named = (tuneId: string, unsaved: boolean): LocalCopy =>
      copy({ origin: { ...origin, tuneId }, unsaved });
    const storage = new Shelf(JSON.stringify(copy()).length * 2.5);
    keepCopy(named('kept', true), storage);
    keepCopy(named('whole', false), storage);
    keepCopy(named('new', true), storage);
    expect(readCopy('kept', storage)?.unsaved).toBe(true);
    expect(readCopy('whole', storage)).toBeUndefined();
    expect(readCopy('new', storage)?.unsaved).toBe(true);
  });
});

/** A browser's store that holds so many characters. */
class Shelf implements Storage {
  private readonly items = new Map<string, string>();
  constructor(private readonly room: number) {}
  get length(): number {
    return this.items.size;
  }
  key(index: number): string | null {
    return [...this.items.keys()][index] ?? null;
  }
  getItem(name: string): string | null {
    return this.items.get(name) ?? null;
  }
  setItem(name: string, value: string): void {
    const others = [...this.items].filter(([other]) => other !== name);
    const used = others.reduce((sum, [, text]) => sum + text.length, 0);
    if (used + value.length > this.room) throw new Error('QuotaExceededError');
    this.items.set(name, value);
  }
  removeItem(name: string): void {
    this.items.delete(name);
  }
  clear(): void {
    this.items.clear();
  }
}
