import '../testing/indexedDb';
import type { TuneView } from '@drop-close/core';
import { Refusal, Unreachable, api } from '../api/client';
import { tuneOf, viewOf } from '../testing/tunes';
import { keepEdit, keptEdits, forgetEdit } from './keptEdits';
import { sendKept, useUnsent } from './outbox';
import type { TuneDocument } from './types';

const tune = tuneOf('| C6 | F6 |');

const none = new Refusal({ status: 404, title: 'Not Found', detail: 'There is no tune' });

/** A server with some tunes; it is away after so many questions, if that is said. */
function server(tunes: Record<string, TuneDocument>, answers = Infinity): string[] {
  const calls: string[] = [];
  const answer = <T>(name: string, make: () => T): Promise<T> => {
    if (calls.length >= answers) return Promise.reject(new Unreachable());
    calls.push(name);
    return Promise.resolve().then(make);
  };
  const found = (id: string): TuneView => {
    if (!tunes[id]) throw none;
    return viewOf(id, tunes[id]);
  };
  jest.spyOn(api, 'tune').mockImplementation((id) => answer(`read ${id}`, () => found(id)));
  jest.spyOn(api, 'createTune').mockImplementation((fields) =>
    answer(`make ${fields.id ?? ''}`, () => {
      tunes[fields.id!] = { ...tune, ...fields, places: fields.places ?? tune.places };
      return found(fields.id!);
    }),
  );
  jest
    .spyOn(api, 'saveTune')
    .mockImplementation((id, fields) => answer(`save ${id} ${fields.text}`, () => found(id)));
  return calls;
}

const keep = (tuneId: string, text: string, at: number, tuneVersion = 1, tab = 'closed') =>
  keepEdit({
    document: { ...tune, ...tuneOf(text) },
    stored: tune,
    origin: { tuneId, arrangementId: `${tuneId}-a`, tuneVersion, arrangementVersion: 1 },
    tab,
    at,
  });
const left = async (): Promise<string[]> =>
  (await keptEdits()).map(({ origin }) => origin.tuneId).sort();

beforeEach(async () => {
  for (const { origin, tab } of await keptEdits()) await forgetEdit(origin.tuneId, tab);
  useUnsent.setState({ why: {} });
});
afterEach(() => {
  jest.restoreAllMocks();
});

describe('what closed tabs left in this browser', () => {
  it('is sent in the order it was made, new tunes too', async () => {
    const calls = server({ one: tune, two: tune });
    await keep('two', '| C6 | G6 |', 200);
    await keep('one', '| A6 | F6 |', 100);
    await keep('new', '| Eb6 | F6 |', 300, 0);
    await sendKept(() => false);
    expect(calls.filter((call) => !call.startsWith('read'))).toEqual([
      'save one | A6 | F6 |',
      'save two | C6 | G6 |',
      'make new',
    ]);
    expect(await left()).toEqual([]);
  });

  it.each([1, 2, 3, 4, 5])(
    'is sent in the order it was made, whatever order it was kept in (seed %i)',
    async (seed) => {
      const ids = Array.from({ length: 8 }, (_, at) => `tune ${at}`);
      // Times that differ, in an order that follows from the seed.
      const times = ids.map((_, at) => ((at + 1) * (seed * 2 + 1) * 7) % 97);
      const calls = server(Object.fromEntries(ids.map((id) => [id, tune])));
      for (const [at, id] of ids.entries()) await keep(id, `| C6 | G6 | "${at}"`, times[at]!);
      await sendKept(() => false);
      const order = [...ids].sort((a, b) => times[ids.indexOf(a)]! - times[ids.indexOf(b)]!);
      expect(new Set(times).size).toBe(8);
      expect(calls.filter((call) => call.startsWith('read'))).toEqual(
        order.map((id) => `read ${id}`),
      );
      expect(await left()).toEqual([]);
    },
  );

  it('is merged with what was stored meanwhile', async () => {
    const calls = server({ one: { ...tune, ...tuneOf('| C6 | Bb6 |') } });
    await keep('one', '| A6 | F6 |', 100);
    await sendKept(() => false);
    expect(calls).toContain('save one | A6 | Bb6 |');
    expect(await left()).toEqual([]);
  });

  it('stays where both changed the same, where the tune is gone, and where it is refused: each with its reason', async () => {
    server({ conflict: { ...tune, ...tuneOf('| Bb6 | F6 |') }, wrong: tune });
    const wrong = new Refusal({ status: 400, title: 'Bad', detail: 'Some fields' });
    jest.spyOn(api, 'saveTune').mockRejectedValue(wrong);
    await keep('conflict', '| A6 | F6 |', 1);
    await keep('gone', '| A6 | F6 |', 2);
    await keep('wrong', '| A6 | F6 |', 3);
    await sendKept(() => false);
    expect(useUnsent.getState().why).toEqual({
      'conflict closed': { kind: 'conflict' },
      'gone closed': { kind: 'gone' },
      'wrong closed': { kind: 'refused', detail: 'Some fields' },
    });
    expect(await left()).toEqual(['conflict', 'gone', 'wrong']);
  });

  it('waits where the server goes away half way, from there on', async () => {
    server({ one: tune, two: tune }, 2);
    await keep('one', '| A6 | F6 |', 100);
    await keep('two', '| C6 | G6 |', 200);
    await sendKept(() => false);
    expect(await left()).toEqual(['two']);
    server({ one: tune, two: tune });
    await sendKept(() => false);
    expect(await left()).toEqual([]);
  });

  it('is left alone while its tune is on the desk or its tab is open', async () => {
    const calls = server({ one: tune, two: tune });
    await keep('one', '| A6 | F6 |', 100);
    await keep('two', '| A6 | F6 |', Date.now(), 1, 'another open tab');
    await sendKept((id) => id === 'one');
    expect(calls).toEqual([]);
    expect(await left()).toEqual(['one', 'two']);
  });
});
