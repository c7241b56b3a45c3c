import {
  dayNumber,
  dayOf,
  mondayOf,
  plainLetters,
  searchedWords,
  type EntryView,
} from '@drop-close/core';

/** How far back one looks. */
export const PERIODS = [
  { weeks: 4, label: 'Four weeks' },
  { weeks: 10, label: 'Ten weeks' },
  { weeks: 52, label: 'A year' },
] as const satisfies readonly { readonly weeks: number; readonly label: string }[];

interface LogFilter {
  /** Words that stand in what was practised, in the notes or in the key. */
  readonly search: string;
  /** The current one counted. */
  readonly weeks: number;
  readonly today: string;
}

const DAYS = 7;

/** Entries of so many weeks that hold all the words that are looked for. */
export function filterLog(
  entries: readonly EntryView[],
  { search, weeks, today }: LogFilter,
): EntryView[] {
  const words = searchedWords(search);
  const from = dayOf(mondayOf(dayNumber(today) ?? 0) - (weeks - 1) * DAYS);
  return entries.filter(({ day, what, notes = '', key = '' }) => {
    const text = plainLetters(`${what} ${notes} ${key}`);
    return day >= from && words.every((word) => text.includes(word));
  });
}
