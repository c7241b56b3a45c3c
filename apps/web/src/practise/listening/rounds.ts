import {
  askedOf,
  judgePass,
  transposedPlan,
  type BandPlan,
  type Part,
  type PassJudgement,
  type PassNote,
} from '@drop-close/core';

/** Struck so much before a time round begins, a note is meant for it, in quarters. */
const EARLY = 0.45;

/** When a time round can be judged: what comes late for its last moment has come, in quarters. */
export const judgedAt = (length: number, round: number): number => (round + 1) * length + EARLY;

/**
 * What was heard in one time round, counted from its beginning.
 * @param heard times counted on from round to round
 */
export function heardIn(heard: readonly PassNote[], length: number, round: number): PassNote[] {
  const start = round * length;
  return heard
    .filter(({ at }) => at >= start - EARLY && at < start + length - EARLY)
    .map((note) => ({ ...note, at: note.at - start }));
}

export interface RoundRules {
  readonly plan: BandPlan;
  readonly part: Part;
  /** How far this time round lies from the first, in half steps. */
  readonly semitones: number;
  readonly tempo: number;
  readonly anyOctave: boolean;
}

/** How one time round was played; nothing where nobody played. */
export function judgeRound(
  heard: readonly PassNote[],
  round: number,
  { plan, part, semitones, ...rules }: RoundRules,
): PassJudgement | undefined {
  const asked = askedOf(transposedPlan(plan, semitones), part);
  return judgePass(asked, heardIn(heard, plan.length, round), rules);
}
