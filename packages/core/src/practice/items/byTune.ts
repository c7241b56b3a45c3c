import { readiness, type Known } from './holes';
import { LAYERS } from './items';

/** What is known of a tune. */
export interface TuneKnown {
  /** How much of its layers is known now, 0..1; see `readiness`. */
  readonly share: number;
  /** How many of its items are due. */
  readonly due: number;
}

/**
 * What is known of every tune that was begun, by its id.
 * @param now in ms since 1970; what comes due until `dueBy` counts as due
 */
export function knownByTune(
  known: readonly Known[],
  now: number,
  dueBy: number,
): ReadonlyMap<string, TuneKnown> {
  const byTune = new Map<string, Known[]>();
  for (const each of known) {
    if (each.item.kind !== 'layer' || !each.schedule) continue;
    const { tuneId } = each.item;
    const own = byTune.get(tuneId);
    if (own) own.push(each);
    else byTune.set(tuneId, [each]);
  }
  return new Map(
    [...byTune].map(([tuneId, own]) => [
      tuneId,
      {
        share: readiness(tuneId, own, LAYERS.length, now),
        due: own.filter(({ schedule }) => schedule && schedule.due <= dueBy).length,
      },
    ]),
  );
}
