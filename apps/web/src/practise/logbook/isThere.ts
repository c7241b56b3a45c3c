import type { EntryView, LogEntry } from '@drop-close/core';

const FIELDS = ['day', 'minutes', 'what', 'item', 'tempo', 'key', 'grade', 'notes'] as const;

/** Whether an entry is in the logbook to the last field, under whatever id. */
export const isThere = (entry: LogEntry, there: readonly EntryView[]): boolean =>
  there.some((each) => FIELDS.every((field) => each[field] === entry[field]));
