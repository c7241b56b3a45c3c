/**
 * A session as it goes: its parts in order, where it stands and what was spent on each. It is plain data that is kept at
 * every change, so that it goes on after the browser was closed.
 */
import { inList } from '../../base/words';
import { itemKey } from '../items/items';
import type { Grade } from '../schedule/types';
import type { SessionPart } from './planSession';

export const STEP_KINDS = ['due', 'new', 'tune', 'rest'] as const;

export interface SessionStep {
  /** Its name in this session. */
  readonly id: string;
  readonly kind: (typeof STEP_KINDS)[number];
  /** The item that is practised; see `itemKey`. Of `due` and `new`. */
  readonly item?: string;
  /** The tune that is played through; of `tune`. */
  readonly tuneId?: string;
  /** What it is meant to take. */
  readonly minutes: number;
  /** What it has taken so far. */
  readonly seconds: number;
  readonly state: 'to come' | 'done' | 'passed over';
  /** How it went, where that was said or measured. */
  readonly grade?: Grade;
}

export interface SessionRun {
  readonly steps: readonly SessionStep[];
  /** Which step is practised, by its position; as many as there are steps once all are over. */
  readonly at: number;
}

/** A session from its plan, before anything was done. */
export const beginRun = (parts: readonly SessionPart[]): SessionRun => ({
  at: 0,
  steps: parts.map((part, position) => ({
    id: `s${position + 1}`,
    kind: part.kind,
    ...('item' in part && { item: itemKey(part.item) }),
    ...('tuneId' in part && { tuneId: part.tuneId }),
    ...{ minutes: part.minutes, seconds: 0, state: 'to come' },
  })),
});

export const stepNow = ({ steps, at }: SessionRun): SessionStep | undefined => steps[at];

export const isOver = ({ steps, at }: SessionRun): boolean => at >= steps.length;

function changed(run: SessionRun, change: Partial<SessionStep>): SessionRun {
  const steps = run.steps.map((step, position) =>
    position === run.at ? { ...step, ...change } : step,
  );
  return { ...run, steps };
}

/** Time went by. */
export const spend = (run: SessionRun, seconds: number): SessionRun => {
  const step = stepNow(run);
  return step ? changed(run, { seconds: step.seconds + seconds }) : run;
};

/** The step in hand is over: done, with a grade where there is one, or passed over. */
export function finishStep(
  run: SessionRun,
  state: 'done' | 'passed over',
  grade?: Grade,
): SessionRun {
  const over = changed(run, { state, ...(grade && { grade }) });
  return { ...over, at: Math.min(run.at + 1, run.steps.length) };
}

/** Back to the step before, to be done again. */
export const stepBack = (run: SessionRun): SessionRun =>
  run.at === 0 ? run : changed({ ...run, at: run.at - 1 }, { state: 'to come' });

/**
 * Another order of what is to come; what is over stays where it is.
 * @param from position of the step that is moved
 * @param to where it comes to stand
 */
export function moveStep(run: SessionRun, from: number, to: number): SessionRun {
  const step = run.steps[from];
  if (!step || from < run.at) return run;
  const steps = run.steps.filter((_, position) => position !== from);
  steps.splice(Math.min(Math.max(to, run.at), steps.length), 0, step);
  return { ...run, steps };
}

/** Minutes spent on music, rests left out, to the nearest; something counts as one at least. */
export function minutesPlayed({ steps }: SessionRun): number {
  const seconds = steps.reduce((sum, step) => sum + (step.kind === 'rest' ? 0 : step.seconds), 0);
  return seconds === 0 ? 0 : Math.max(1, Math.round(seconds / 60));
}

const WELL: readonly (Grade | undefined)[] = ['good', 'easy'];

/**
 * What went, in two lines: how much, and what to come back to.
 * @param nameOf names a step for the player
 */
export function tellSession(
  run: SessionRun,
  nameOf: (step: SessionStep) => string,
): readonly [string, string] {
  const music = run.steps.filter(({ kind }) => kind !== 'rest');
  const done = music.filter(({ state }) => state === 'done');
  const minutes = minutesPlayed(run);
  const well = done.filter(({ grade }) => WELL.includes(grade));
  const again = music.filter(({ grade }) => grade === 'again' || grade === 'hard');
  const left = music.filter(({ state }) => state !== 'done');
  const back = again.length ? again : left;
  return [
    `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}, ${done.length} of ${music.length} done${well.length ? `; went well: ${inList(well.map(nameOf))}` : ''}.`,
    back.length
      ? `${again.length ? 'To come back to' : 'Left for another day'}: ${inList(back.map(nameOf))}.`
      : 'Nothing is left over.',
  ];
}
