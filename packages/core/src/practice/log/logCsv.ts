/** The logbook as a table that any spreadsheet opens (CSV, RFC 4180), and back. */
import Papa from 'papaparse';
import { FASTEST, SLOWEST } from '../../chart/header';
import { fail, ok, type Result } from '../../base/result';
import { storablePart } from '../../base/storable';
import { inList } from '../../base/words';
import { GRADES } from '../schedule/types';
import { dayNumber, isGrade, LONGEST_ENTRY_TEXT, MINUTES_A_DAY, type LogEntry } from './log';

const NEEDED = ['day', 'minutes', 'what'] as const;
const COLUMNS = [...NEEDED, 'item', 'tempo', 'key', 'grade', 'notes'] as const;

/** A text that a spreadsheet would take for a formula gets an apostrophe before it. Source: OWASP, CSV injection. */
const SAFE = { escapeFormulae: true };

export const writeLogCsv = (entries: readonly LogEntry[]): string =>
  `${Papa.unparse({ fields: [...COLUMNS], data: entries.map(rowOf) }, SAFE)}\r\n`;

const rowOf = (entry: LogEntry): (string | number)[] => COLUMNS.map((name) => entry[name] ?? '');

export interface LineProblem {
  /** From 1, the names of the columns on the first. */
  readonly line: number;
  readonly message: string;
}

export interface ReadLog {
  readonly entries: readonly LogEntry[];
  /** Lines that were not taken, and why. */
  readonly problems: readonly LineProblem[];
}

/** A line of a logbook by its columns. */
export type Row = Partial<Record<string, string>>;

/** No logbook has more lines. */
export const MOST_LINES = 100_000;

/**
 * Reads a table with columns in any order; those with other names are passed over. Good lines are taken, the others
 * told. Fails with a sentence where it is no such table.
 */
export function readLogCsv(text: string): Result<ReadLog, string> {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: false,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const missing = NEEDED.filter((name) => !meta.fields?.includes(name));
  if (missing.length) {
    return fail(
      `The first line should name the columns; ${inList(missing)} ${missing.length === 1 ? 'is' : 'are'} missing. There are ${COLUMNS.join(', ')}.`,
    );
  }
  if (data.length > MOST_LINES) return fail(`There are more than ${MOST_LINES} lines.`);
  const entries: LogEntry[] = [];
  const problems: LineProblem[] = [];
  let line = 2;
  for (const row of data) {
    // Cells beyond the columns come as a list of their own.
    const text = Object.values(row).flat().join('');
    if (text.trim()) {
      const read = entryOf(row);
      if (read.ok) entries.push(read.value);
      else problems.push({ line, message: read.problem });
    }
    line += 1 + (text.match(/\n/g)?.length ?? 0);
  }
  return ok({ entries, problems });
}

/** One entry from its columns; fails with what is wrong of it. */
export function entryOf(row: Row): Result<LogEntry, string> {
  const cell = (name: (typeof COLUMNS)[number]): string =>
    storablePart(row[name] ?? '')
      .trim()
      .replace(/^'(?=[=+\-@])/, '');
  const day = cell('day');
  if (dayNumber(day) === undefined) {
    return fail(`"${day}" is no day: it should be year, month and day, as 2026-11-29.`);
  }
  const minutes = numberIn(cell('minutes'));
  if (minutes === undefined || minutes <= 0 || minutes > MINUTES_A_DAY) {
    return fail(`"${cell('minutes')}" is no number of minutes: more than 0, up to 1440.`);
  }
  const what = cell('what').slice(0, LONGEST_ENTRY_TEXT);
  if (!what) return fail('What was practised is missing.');
  const tempo = cell('tempo') ? numberIn(cell('tempo')) : undefined;
  if (cell('tempo') && (tempo === undefined || tempo < SLOWEST || tempo > FASTEST)) {
    return fail(`"${cell('tempo')}" is no tempo: ${SLOWEST} to ${FASTEST} quarter notes a minute.`);
  }
  const grade = cell('grade').toLowerCase();
  if (grade && !isGrade(grade)) {
    return fail(`"${grade}" is no grade; there are ${inList(GRADES)}.`);
  }
  const [item, key, notes] = [cell('item'), cell('key'), cell('notes')];
  return ok({
    ...{ day, minutes, what },
    ...(item && { item: item.slice(0, LONGEST_ENTRY_TEXT) }),
    ...(tempo !== undefined && { tempo }),
    ...(key && { key: key.slice(0, 4) }),
    ...(isGrade(grade) && { grade }),
    ...(notes && { notes: notes.slice(0, LONGEST_ENTRY_TEXT) }),
  });
}

/** As `12`, `12.5` or `12,5`. */
function numberIn(text: string): number | undefined {
  return /^\d{1,6}(?:[.,]\d{1,3})?$/.test(text) ? Number(text.replace(',', '.')) : undefined;
}
