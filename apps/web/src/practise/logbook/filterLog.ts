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

/** What of the logbook is looked at. */
export const KINDS = [
  { id: 'all', label: 'Everything' },
  { id: 'layer', label: 'Tunes' },
  { id: 'form', label: 'Forms' },
  { id: 'hand', label: 'Written by hand' },
] as const;
export type EntryKind = (typeof KINDS)[number]['id'];

/** How well it went. */
export const HOW = [
  { id: 'any', label: 'However it went' },
  { id: 'well', label: 'Went well' },
  { id: 'badly', label: 'Missed or hard' },
] as const;
export type How = (typeof HOW)[number]['id'];

interface LogFilter {
  readonly kind: EntryKind;
  readonly how: How;
  /** Words that stand in what was practised, in the notes or in the key. */
  readonly search: string;
  /** The current one counted. */
  readonly weeks: number;
  readonly today: string;
}

const DAYS = 7;

/** Entries of so many weeks, of a kind, that went so, and hold all the words that are looked for. */
export function filterLog(
  entries: readonly EntryView[],
  { search, weeks, today, kind, how }: LogFilter,
): EntryView[] {
  const words = searchedWords(search);
  const from = dayOf(mondayOf(dayNumber(today) ?? 0) - (weeks - 1) * DAYS);
  return entries.filter(({ day, what, notes = '', key = '', item, grade }) => {
    const text = plainLetters(`${what} ${notes} ${key}`);
    const isOfKind = kind === 'all' || (item?.split(' / ')[0] ?? 'hand') === kind;
    const wentWell = grade === 'good' || grade === 'easy';
    const isSo = how === 'any' || (grade !== undefined && wentWell === (how === 'well'));
    return isOfKind && isSo && day >= from && words.every((word) => text.includes(word));
  });
}
