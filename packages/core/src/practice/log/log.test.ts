import {
  dayNumber,
  dayOf,
  minutesBy,
  minutesByWeek,
  mondayOf,
  tempoOverTime,
  type LogEntry,
} from './log';
import { readLogCsv, writeLogCsv } from './logCsv';
import { readLogJson, writeLogJson } from './logJson';

const entry = (day: string, minutes: number, change: Partial<LogEntry> = {}): LogEntry => ({
  ...{ day, minutes, what: 'Loose Gangway, shells' },
  ...change,
});

describe('days', () => {
  // 29 November 2026 is a Sunday: from the calendar.
  it('are counted, and their weeks begin on Monday', () => {
    expect(dayOf(mondayOf(dayNumber('2026-11-29')!))).toBe('2026-11-23');
    expect(dayOf(mondayOf(dayNumber('2026-11-23')!))).toBe('2026-11-23');
    expect(dayOf(mondayOf(dayNumber('1969-12-31')!))).toBe('1969-12-29');
  });
  it.each(['2026-02-29', '2026-11-31', '26-11-29', '2026/11/29', '', '2026-13-01'])(
    '"%s" is none',
    (day) => {
      expect(dayNumber(day)).toBeUndefined();
    },
  );
  it('of a leap year are', () => {
    expect(dayNumber('2028-02-29')).toBe(dayNumber('2028-02-28')! + 1);
  });
});

describe('figures of the logbook', () => {
  const entries = [
    entry('2026-11-10', 20),
    entry('2026-11-16', 10, { item: 'i', tempo: 100, grade: 'good' }),
    entry('2026-11-22', 15.5, { item: 'i', tempo: 110, grade: 'hard' }),
    entry('2026-11-22', 5, { item: 'i', tempo: 120, grade: 'again' }),
    entry('2026-11-23', 7, { item: 'j', tempo: 90 }),
  ];
  // Added by hand.
  it('are minutes a week', () => {
    expect(minutesByWeek(entries, '2026-11-29', 4)).toEqual([
      { monday: '2026-11-02', minutes: 0 },
      { monday: '2026-11-09', minutes: 20 },
      { monday: '2026-11-16', minutes: 30.5 },
      { monday: '2026-11-23', minutes: 7 },
    ]);
  });
  it('are the fastest tempo of a day that went well', () => {
    expect(tempoOverTime(entries, 'i')).toEqual([
      { day: '2026-11-16', tempo: 100 },
      { day: '2026-11-22', tempo: 110 },
    ]);
  });
  it('are minutes by what was practised, the most first', () => {
    expect(minutesBy(entries, ({ item = 'other' }) => item)).toEqual([
      { name: 'i', minutes: 30.5 },
      { name: 'other', minutes: 20 },
      { name: 'j', minutes: 7 },
    ]);
  });
});

describe('the logbook as a table', () => {
  const whole = entry('2026-11-29', 12.5, {
    ...{ item: 'layer / roots / t1', tempo: 96, key: 'Eb', grade: 'good' },
    notes: 'slow, "clean"\nand again; =SUM(A1)',
  });

  it('comes back as it went', () => {
    const entries = [whole, entry('2026-11-28', 5), entry('2026-11-27', 1, { what: '=1+1' })];
    const text = writeLogCsv(entries);
    expect(text).toContain("'=1+1");
    expect(readLogCsv(text)).toEqual({ ok: true, value: { entries, problems: [] } });
  });

  it('may have its columns in any order, semicolons, a mark before it and names in capitals', () => {
    const text = '\uFEFFWhat;Day;Minutes;Mood\r\nRoots;2026-11-29;12,5;fine\r\n\r\n';
    expect(readLogCsv(text)).toEqual({
      ok: true,
      value: { entries: [entry('2026-11-29', 12.5, { what: 'Roots' })], problems: [] },
    });
  });

  it('has its good lines taken, and says of the others what is wrong, by line', () => {
    const text = [
      'day,minutes,what,tempo,grade',
      '2026-11-29,10,Roots,,',
      '29.11.2026,10,Roots,,',
      '2026-11-29,many,Roots,,',
      '2026-11-29,1500,Roots,,',
      '2026-11-29,10,,,',
      '2026-11-29,10,Roots,400,',
      '2026-11-29,10,Roots,,perfect',
      '2026-11-28,10,Shells,90,Good',
    ].join('\n');
    const read = readLogCsv(text);
    expect(read.ok && read.value.entries.map(({ what }) => what)).toEqual(['Roots', 'Shells']);
    expect(read.ok && read.value.problems).toEqual([
      {
        line: 3,
        message: '"29.11.2026" is no day: it should be year, month and day, as 2026-11-29.',
      },
      { line: 4, message: '"many" is no number of minutes: more than 0, up to 1440.' },
      { line: 5, message: '"1500" is no number of minutes: more than 0, up to 1440.' },
      { line: 6, message: 'What was practised is missing.' },
      { line: 7, message: '"400" is no tempo: 30 to 360 quarter notes a minute.' },
      { line: 8, message: '"perfect" is no grade; there are again, hard, good and easy.' },
    ]);
  });

  it('has its lines counted as a player sees them, and cells beyond the columns passed over', () => {
    const text =
      'day,minutes,what,notes\n2026-11-29,10,Roots,"one\ntwo"\n2026-11-29,10,Roots,,more,cells\nnever,1,x,';
    const read = readLogCsv(text);
    expect(read.ok && read.value.entries).toHaveLength(2);
    expect(read.ok && read.value.problems.map(({ line }) => line)).toEqual([5]);
  });

  it.each([
    ['', /day, minutes and what are missing/],
    ['day,time,what\n2026-11-29,10,Roots', /minutes is missing/],
    ['{"day": 1}', /should name the columns/],
  ])('%j is none, and why', (text, why) => {
    const read = readLogCsv(text);
    expect(!read.ok && read.problem).toMatch(why);
  });
});

describe('the logbook as JSON', () => {
  const entry: LogEntry = { day: '2026-11-29', minutes: 12.5, what: 'Shells', tempo: 96 };
  it('goes out and comes back', () => {
    const full: LogEntry = {
      ...entry,
      item: 'layer / shells / t1',
      key: 'Eb',
      grade: 'good',
      notes: 'x',
    };
    const read = readLogJson(writeLogJson([entry, full]));
    expect(read).toEqual({ ok: true, value: { entries: [entry, full], problems: [] } });
  });
  it('tells what is wrong by its number, and takes the rest', () => {
    const text = JSON.stringify({ entries: [entry, { ...entry, day: 'Friday' }, 7, entry] });
    const read = readLogJson(text);
    expect(read).toMatchObject({ ok: true, value: { entries: [entry, entry] } });
    expect(read.ok && read.value.problems.map(({ line }) => line)).toEqual([2, 3]);
  });
  it('is refused in a sentence where it is none', () => {
    for (const text of ['', '[]', 'null', '{"entries":7}', 'day,minutes']) {
      expect(readLogJson(text)).toEqual({
        ok: false,
        problem: 'This is no logbook: it should hold a list named “entries”.',
      });
    }
  });
});
