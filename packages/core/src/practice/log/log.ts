/** The logbook: what was practised on which day, and the figures that are added up from it. */
import { GRADES, type Grade } from '../schedule/types';

export interface LogEntry {
  /** As `2026-11-29`. */
  readonly day: string;
  /** More than 0, up to a whole day; parts of a minute allowed. */
  readonly minutes: number;
  /** In words, as "Loose Gangway, shells". */
  readonly what: string;
  /** What was practised, where it is an item; see `itemKey`. */
  readonly item?: string;
  /** In quarter notes a minute, 30..360. */
  readonly tempo?: number;
  /** As `Eb`. */
  readonly key?: string;
  readonly grade?: Grade;
  readonly notes?: string;
}

/** The longest text of an entry, in characters. */
export const LONGEST_ENTRY_TEXT = 500;
export const MINUTES_A_DAY = 1440;

const A_DAY = 86_400_000;
const DAYS = 7;
/** 1 January 1970 was a Thursday; weeks begin on Monday. */
const THURSDAY = 3;

/** Days since 1 January 1970, or `undefined` where a text is no day of the calendar. */
export function dayNumber(day: string): number | undefined {
  const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day);
  if (!match) return undefined;
  const time = Date.parse(`${day}T00:00:00Z`);
  // A 31 November would be read as the first of December.
  return Number.isNaN(time) || dayOf(time / A_DAY) !== day ? undefined : time / A_DAY;
}

/** The day with this number. @example dayOf(0) // '1970-01-01' */
export const dayOf = (number: number): string =>
  new Date(number * A_DAY).toISOString().slice(0, 10);

/** The Monday of a day's week. */
export const mondayOf = (number: number): number =>
  number - ((((number + THURSDAY) % DAYS) + DAYS) % DAYS);

export interface WeekOfMinutes {
  /** Its Monday. */
  readonly monday: string;
  readonly minutes: number;
}

/**
 * Minutes of each week, the last of them that of a day.
 * @param today as `2026-11-29`
 */
export function minutesByWeek(
  entries: readonly Pick<LogEntry, 'day' | 'minutes'>[],
  today: string,
  weeks: number,
): WeekOfMinutes[] {
  const last = mondayOf(dayNumber(today) ?? 0);
  const sums = new Map<number, number>();
  for (const { day, minutes } of entries) {
    const number = dayNumber(day);
    if (number === undefined) continue;
    const monday = mondayOf(number);
    sums.set(monday, (sums.get(monday) ?? 0) + minutes);
  }
  return Array.from({ length: weeks }, (_, at) => {
    const monday = last - (weeks - 1 - at) * DAYS;
    return { monday: dayOf(monday), minutes: sums.get(monday) ?? 0 };
  });
}

export interface TempoOnDay {
  readonly day: string;
  readonly tempo: number;
}

/** The fastest tempo an item was played well in, day by day; what was missed does not count. */
export function tempoOverTime(entries: readonly LogEntry[], item: string): TempoOnDay[] {
  const best = new Map<string, number>();
  for (const { day, tempo, grade, item: own } of entries) {
    if (own !== item || tempo === undefined || grade === 'again') continue;
    best.set(day, Math.max(tempo, best.get(day) ?? 0));
  }
  return [...best].map(([day, tempo]) => ({ day, tempo })).sort((a, b) => (a.day < b.day ? -1 : 1));
}

export interface MinutesOf {
  readonly name: string;
  readonly minutes: number;
}

/** Minutes by what was practised, the most first; of equals by name. */
export function minutesBy(
  entries: readonly LogEntry[],
  nameOf: (entry: LogEntry) => string,
): MinutesOf[] {
  const sums = new Map<string, number>();
  for (const entry of entries) {
    const name = nameOf(entry);
    sums.set(name, (sums.get(name) ?? 0) + entry.minutes);
  }
  return [...sums]
    .map(([name, minutes]) => ({ name, minutes }))
    .sort((a, b) => b.minutes - a.minutes || (a.name < b.name ? -1 : 1));
}

export const isGrade = (text: string): text is Grade =>
  (GRADES as readonly string[]).includes(text);
