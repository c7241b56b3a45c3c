import type { EntryView } from '@drop-close/core';
import { filterLog } from './filterLog';

const entry = (day: string, change: Partial<EntryView> = {}): EntryView => ({
  ...{ id: day, version: 1, day, minutes: 10, what: 'Shells of Loose Gangway' },
  ...change,
});
const days = (entries: readonly EntryView[]) => entries.map(({ day }) => day);
// 29 November 2026 is a Sunday; its week began on the 23rd.
const TODAY = '2026-11-29';
const ALL = { kind: 'all', how: 'any', search: '', today: TODAY } as const;

describe('the logbook looked through', () => {
  it('goes back to the Monday of so many weeks', () => {
    const all = [
      entry('2026-11-23'),
      entry('2026-11-22'),
      entry('2026-11-16'),
      entry('2026-11-15'),
    ];
    const back = (weeks: number) => days(filterLog(all, { ...ALL, weeks }));
    expect(back(1)).toEqual(['2026-11-23']);
    expect(back(2)).toEqual(['2026-11-23', '2026-11-22', '2026-11-16']);
  });
  it('finds words in what was practised, in the notes and in the key', () => {
    const all = [
      entry('2026-11-29', { notes: 'left hand late' }),
      entry('2026-11-28', { key: 'Eb', what: 'Scales' }),
    ];
    const found = (search: string) => days(filterLog(all, { ...ALL, search, weeks: 1 }));
    expect(found('gangway LATE')).toEqual(['2026-11-29']);
    expect(found('eb')).toEqual(['2026-11-28']);
    expect(found('gangway eb')).toEqual([]);
  });
  it('keeps tunes, forms and what was written by hand apart, and what went well from what did not', () => {
    const all = [
      entry('2026-11-29', { item: 'layer / roots / t1', grade: 'good' }),
      entry('2026-11-28', { item: 'form / drop2 / 7 / 5432 / 0 / C F Bb', grade: 'again' }),
      entry('2026-11-27'),
    ];
    const found = (change: Partial<Parameters<typeof filterLog>[1]>) =>
      days(filterLog(all, { ...ALL, weeks: 1, ...change }));
    expect(found({ kind: 'layer' })).toEqual(['2026-11-29']);
    expect(found({ kind: 'form' })).toEqual(['2026-11-28']);
    expect(found({ kind: 'hand' })).toEqual(['2026-11-27']);
    expect(found({ how: 'well' })).toEqual(['2026-11-29']);
    expect(found({ how: 'badly' })).toEqual(['2026-11-28']);
    expect(found({ how: 'badly', kind: 'hand' })).toEqual([]);
  });
});
