import { ticks } from '../base/units';
import { inTicks } from '../comp/base/time';
import { bandPlan, type PlanRequest } from './plan';
import type { BandPlan } from './types';

/**
 * A line over as many choruses as it takes: the band plays the same each time round, the line goes on.
 * @param times how many choruses, at least 1
 */
export function overChoruses(request: PlanRequest, times: number): BandPlan {
  const { line = [], timeline } = request;
  const rounds = Array.from({ length: times }, (_, round) => {
    const begin = inTicks(timeline.length) * round;
    return bandPlan({
      ...request,
      line: line.map((note) => ({ ...note, at: ticks(note.at - begin) })),
    });
  });
  const [first] = rounds;
  // What leads into the form is played once.
  const notes = rounds.flatMap((plan, round) =>
    plan.notes
      .filter(({ at }) => round === 0 || at >= 0)
      .map((note) => ({ ...note, at: note.at + round * plan.length })),
  );
  return { ...first!, notes, length: first!.length * times };
}
