/** The logbook as JSON, and back. */
import { fail, ok, type Result } from '../../base/result';
import type { LogEntry } from './log';
import { entryOf, MOST_LINES, type LineProblem, type ReadLog, type Row } from './logCsv';

/** What a file of a logbook says it is. */
const KIND = 'drop-close logbook';

export const writeLogJson = (entries: readonly LogEntry[]): string =>
  `${JSON.stringify({ kind: KIND, entries }, undefined, 1)}\n`;

/**
 * Reads a logbook. Good entries are taken, the others told by their number in the file. Fails with a sentence where it is
 * none.
 */
export function readLogJson(text: string): Result<ReadLog, string> {
  const entries = entriesIn(text);
  if (!entries) return fail('This is no logbook: it should hold a list named “entries”.');
  if (entries.length > MOST_LINES) return fail(`There are more than ${MOST_LINES} entries.`);
  const read = entries.map((entry) => entryOf(rowOf(entry)));
  const problems = read.flatMap((each, at): LineProblem[] =>
    each.ok ? [] : [{ line: at + 1, message: each.problem }],
  );
  return ok({ entries: read.flatMap((each) => (each.ok ? [each.value] : [])), problems });
}

function entriesIn(text: string): readonly unknown[] | undefined {
  try {
    const file = JSON.parse(text) as { readonly entries?: unknown } | null;
    return Array.isArray(file?.entries) ? file.entries : undefined;
  } catch {
    return undefined;
  }
}

/** Whatever stands there as text, to be read as the columns of a table are. */
function rowOf(entry: unknown): Row {
  if (typeof entry !== 'object' || entry === null) return {};
  const texts = Object.entries(entry).flatMap(([name, value]): [string, string][] =>
    typeof value === 'string' || typeof value === 'number' ? [[name, String(value)]] : [],
  );
  return Object.fromEntries(texts);
}
