/**
 * When each item is due, by FSRS (published open algorithm, version 6, the package `ts-fsrs`): memory is a stability in
 * days and a difficulty, and each review moves both. Days are whole: what is practised twice on a day is not known
 * better for it. Chance plays no part, so the same notes always give the same schedule, in whatever order they arrive.
 */
import {
  createEmptyCard,
  fsrs,
  generatorParameters,
  Rating,
  State,
  type Card,
  type Grade as Rated,
} from 'ts-fsrs';
import type { Grade, PracticeNote, Schedule, TakenBack } from './types';

/** Nothing is left alone for longer, in days: hands forget, too. Source: common practice. */
export const LONGEST_INTERVAL = 180;

const algorithm = fsrs(
  generatorParameters({
    enable_fuzz: false,
    enable_short_term: false,
    maximum_interval: LONGEST_INTERVAL,
  }),
);

const RATED: Readonly<Record<Grade, Rated>> = {
  again: Rating.Again,
  hard: Rating.Hard,
  good: Rating.Good,
  easy: Rating.Easy,
};

/**
 * The schedule that follows from the notes of one item; `undefined` while it was never practised.
 * @example scheduleOf([{ kind: 'review', id: 'a', item: 'i', at: 0, received: 0, grade: 'good' }])?.reviews // 1
 */
export const scheduleOf = (notes: readonly PracticeNote[]): Schedule | undefined =>
  standing(notes).reduce(after, undefined);

/**
 * The schedule once notes were added that are younger than all it follows from: what this device knows before the book
 * has them. Notes that take back others than these do nothing.
 */
export const scheduleSince = (
  schedule: Schedule | undefined,
  notes: readonly PracticeNote[],
): Schedule | undefined => standing(notes).reduce(after, schedule);

type Standing = Exclude<PracticeNote, TakenBack>;

/** What follows from one note more. What was never practised cannot be put to a day. */
function after(before: Schedule | undefined, note: Standing): Schedule | undefined {
  if (note.kind === 'put') return before && { ...before, due: note.due };
  const at = new Date(timeOf(note));
  const card = before ? cardOf(before) : createEmptyCard(at);
  const { stability, difficulty, reps, lapses } = algorithm.next(card, at, RATED[note.grade]).card;
  const tempo = note.tempo ?? before?.tempo;
  const recalled = note.recalled ?? before?.recalled;
  // The stability itself, as the formulas have it; the card's own day is moved so that no two grades share one.
  const interval = algorithm.next_interval(stability, 0);
  return {
    due: at.getTime() + interval * A_DAY,
    ...{ stability, difficulty, reviews: reps, lapses, practisedAt: at.getTime() },
    grade: note.grade,
    ...(tempo !== undefined && { tempo }),
    ...(recalled && { recalled }),
  };
}

/** A schedule as the package has it; every item is in review from its first note on. */
const cardOf = ({ stability, difficulty, reviews, lapses, practisedAt }: Schedule): Card => ({
  ...createEmptyCard(new Date(practisedAt)),
  ...{ stability, difficulty, reps: reviews, lapses, state: State.Review },
  last_review: new Date(practisedAt),
});

/** Notes that were not taken back, in their order. */
function standing(notes: readonly PracticeNote[]): Standing[] {
  const slips = new Set(notes.map((note) => (note.kind === 'taken back' ? note.of : undefined)));
  return inOrder(notes).filter(
    (note): note is Standing => note.kind !== 'taken back' && !slips.has(note.id),
  );
}

/** Each note once, by the time it was noted; what was noted at one moment, by its id. */
export function inOrder(notes: readonly PracticeNote[]): PracticeNote[] {
  const once = new Map(notes.map((note) => [note.id, note]));
  return [...once.values()].sort(
    (a, b) => timeOf(a) - timeOf(b) || (a.id < b.id ? -1 : Number(a.id > b.id)),
  );
}

/** A clock that runs ahead says a time that was not there yet when the note arrived. */
export const timeOf = ({ at, received }: PracticeNote): number => Math.min(at, received);

/**
 * How likely an item is still known, 0..1.
 * @param at in ms since 1970
 */
export function knownAt({ stability, practisedAt }: Schedule, at: number): number {
  const days = Math.max(0, at - practisedAt) / A_DAY;
  return algorithm.forgetting_curve(days, stability);
}

export const A_DAY = 86_400_000;

/**
 * How many items come due on each of the coming days; what is overdue comes due today.
 * @param today its beginning, in ms since 1970
 * @example dueByDay([{ due: 0 }], 0, 2) // [1, 0]
 */
export function dueByDay(
  schedules: readonly Pick<Schedule, 'due'>[],
  today: number,
  days: number,
): number[] {
  const counts = Array.from({ length: days }, () => 0);
  for (const { due } of schedules) {
    const day = Math.max(0, Math.floor((due - today) / A_DAY));
    if (day < days) counts[day] = counts[day]! + 1;
  }
  return counts;
}
