import type { BookReading, BookTune } from '@drop-close/core';
import { api } from '../api/client';
import { Cancelled } from '../engine/client';
import { putBack } from './putBack';

jest.mock('../api/client', () => ({
  api: {
    ...{ putTune: jest.fn(), putSet: jest.fn(), putLick: jest.fn() },
    ...{ addNotes: jest.fn(), addEntries: jest.fn(), createSession: jest.fn() },
  },
}));
jest.mock('../engine/client', () => ({ Cancelled: class extends Error {} }));

const sent = api as unknown as Record<string, jest.Mock>;
beforeEach(() => {
  for (const each of Object.values(sent)) each.mockReset().mockResolvedValue(undefined);
});

const tune = (id: string) => ({ id, title: id }) as BookTune;
const notes = Array.from({ length: 450 }, (_, at) => ({
  ...{ id: `n${at}`, item: 'x', kind: 'review' as const, at, grade: 'good' as const },
}));
const reading: BookReading = {
  problems: [],
  book: {
    ...{ tunes: [tune('a'), tune('b')], sets: [{ id: 's', name: 'S', tuneIds: [] }] },
    ...{ licks: [], notes, sessions: [], entries: [] },
  },
};
const going = new AbortController().signal;

it('what was chosen goes in, tunes before sets, and practice in groups', async () => {
  const done: number[] = [];
  const parts = new Set(['tunes b', 'sets s']);
  await putBack(reading, { parts, practice: true }, (count) => done.push(count), going);
  expect(sent['putTune']!.mock.calls).toEqual([[tune('b')]]);
  expect(sent['putSet']).toHaveBeenCalledTimes(1);
  expect(done).toEqual([1, 2]);
  expect(sent['addNotes']!.mock.calls.map(([group]) => (group as unknown[]).length)).toEqual([
    200, 200, 50,
  ]);
});

it('without practice nothing of it is sent', async () => {
  await putBack(reading, { parts: new Set(), practice: false }, () => undefined, going);
  for (const each of Object.values(sent)) expect(each).not.toHaveBeenCalled();
});

it('it is given up between two parts', async () => {
  const parts = new Set(['tunes a', 'tunes b']);
  const abort = new AbortController();
  const putting = putBack(
    reading,
    { parts, practice: true },
    () => {
      abort.abort();
    },
    abort.signal,
  );
  await expect(putting).rejects.toBeInstanceOf(Cancelled);
  expect(sent['putTune']).toHaveBeenCalledTimes(1);
});
