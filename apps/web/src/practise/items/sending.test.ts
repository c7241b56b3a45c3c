import '../../testing/indexedDb';
import type { PracticeNoteFields } from '@drop-close/core';
import { Refusal, Unreachable, api } from '../../api/client';
import { keepRow, keptRows } from '../../local/rows';
import { hearTaken, noteHere, sendWaiting, useWaiting } from './sending';

const note = (id: string): PracticeNoteFields => ({
  ...{ id, item: 'layer / roots / t1', kind: 'review', at: 0, grade: 'good' },
});
const entry = (id: string) => ({ id, day: '2026-11-29', minutes: 5, what: 'Roots' });
const wrong = new Refusal({ status: 400, title: 'Bad Request', detail: 'That is no item.' });

/** A server that takes what it is sent, but for some, or is away. @returns what came, request by request */
function server(how: { away?: boolean; refuses?: string } = {}): string[] {
  const came: string[] = [];
  const take = (all: readonly { readonly id?: string }[]): Promise<never[]> => {
    const ids = all.map(({ id }) => id ?? '');
    if (how.away) return Promise.reject(new Unreachable());
    if (how.refuses !== undefined && ids.includes(how.refuses)) return Promise.reject(wrong);
    came.push(ids.join(' '));
    return Promise.resolve([]);
  };
  jest.spyOn(api, 'addNotes').mockImplementation(take);
  jest.spyOn(api, 'addEntries').mockImplementation(take);
  return came;
}
const kept = async (): Promise<string> =>
  [...(await keptRows('practice notes')), ...(await keptRows('log entries'))]
    .map(({ id }) => id)
    .sort()
    .join(' ');
const waiting = (): string => {
  const { notes, entries } = useWaiting.getState();
  return [...notes, ...entries].map(({ id }) => id).join(' ');
};

beforeEach(async () => {
  for (const kind of ['practice notes', 'log entries']) {
    for (const { id } of await keptRows(kind)) await keepRow(kind, id, undefined);
  }
  useWaiting.setState({ notes: [], entries: [], refused: undefined });
});
afterEach(() => {
  jest.restoreAllMocks();
});

describe('what was practised', () => {
  it('is sent and kept no longer', async () => {
    const came = server();
    await noteHere([note('a')], [entry('b')]);
    expect(came).toEqual(['a', 'b']);
    expect([await kept(), waiting()]).toEqual(['', '']);
  });
  it('waits in this browser while the server is away, and is sent when it is back', async () => {
    server({ away: true });
    await noteHere([note('a')], [entry('b')]);
    await noteHere([note('c')], []);
    expect([await kept(), waiting()]).toEqual(['a b c', 'a c b']);
    const came = server();
    await sendWaiting();
    expect(came).toEqual(['a c', 'b']);
    expect([await kept(), waiting()]).toEqual(['', '']);
  });
  it('of an earlier visit is found and sent', async () => {
    await keepRow('practice notes', 'old', { before: null, row: note('old') });
    const came = server();
    await sendWaiting();
    expect(came).toEqual(['old']);
  });
  it('that the book does not take holds up nothing else, is told, and is not lost', async () => {
    const came = server({ refuses: 'b' });
    await noteHere([note('a'), note('b'), note('c')], [entry('d')]);
    expect(came).toEqual(['a', 'c', 'd']);
    expect([await kept(), waiting()]).toEqual(['b', 'b']);
    expect(useWaiting.getState().refused).toBe('That is no item.');
  });
  it('noted while something is sent is sent too', async () => {
    const came = server();
    await Promise.all([noteHere([note('a')], []), noteHere([note('b')], [])]);
    expect(came.join(' ').split(' ').sort()).toEqual(['a', 'b']);
    expect(waiting()).toBe('');
  });
  it('is told to whoever shows it once the server has it', async () => {
    server();
    const heard: string[] = [];
    const stop = hearTaken(({ kind }) => heard.push(kind));
    await noteHere([note('a')], [entry('b')]);
    stop();
    await noteHere([note('c')], []);
    expect(heard).toEqual(['items', 'entries']);
  });
});
