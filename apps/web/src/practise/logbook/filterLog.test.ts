import type { EntryView } from '@drop-close/core';
import { filterLog } from './filterLog';

const entry = (day: string, change: Partial<EntryView> = {}): EntryView => ({
  ...{ id: day, version: 1, day, minutes: 10, what: 'Shells of Loose Gangway' },
  ...change,
});
const days = (entries: readonly EntryView[]) => entries.map(({ day }) => day);
// 29 November 2026 is a Sunday; its week began on the 23rd.
const TODAY = '2026-11-29';

describe('the logbook looked through', () => {
  it('goes back to the Monday of so many weeks', () => {
    const all = [
      entry('2026-11-23'),
      entry('2026-11-22'),
      entry('2026-11-16'),
      entry('2026-11-15'),
    ];
    const back = (weeks: number) => days(filterLog(all, { search: '', weeks, today: TODAY }));
    expect(back(1)).toEqual(['2026-11-23']);
    expect(back(2)).toEqual(['2026-11-23', '2026-11-22', '2026-11-16']);
  });
  it('finds words in what was practised, in the notes and in the key', () => {
    const all = [
      entry('2026-11-29', { notes: 'left hand late' }),
      entry('2026-11-28', { key: 'Eb', what: 'Scales' }),
    ];
    const found = (search: string) => days(filterLog(all, { search, weeks: 1, today: TODAY }));
    expect(found('gangway LATE')).toEqual(['2026-11-29']);
    expect(found('eb')).toEqual(['2026-11-28']);
    expect(found('gangway eb')).toEqual([]);
  });
});
