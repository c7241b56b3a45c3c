import type { SetView } from '@drop-close/core';

/** A set with a tune at its end. */
export const withTune = (set: SetView, tuneId: string): SetView => ({
  ...set,
  tuneIds: [...set.tuneIds, tuneId],
});

/** A set that is played on a day, or on none that is known. */
export const withDay = ({ day: _, ...set }: SetView, day: string | undefined): SetView => ({
  ...set,
  ...(day !== undefined && { day }),
});

/** A set without the tune at a place. */
export const withoutPlace = (set: SetView, place: number): SetView => ({
  ...set,
  tuneIds: set.tuneIds.filter((_, at) => at !== place),
});

/** A set with the tune at one place moved to another. */
export function moved(set: SetView, from: number, to: number): SetView {
  const tuneIds = set.tuneIds.filter((_, at) => at !== from);
  const tune = set.tuneIds[from];
  if (tune === undefined) return set;
  tuneIds.splice(to, 0, tune);
  return { ...set, tuneIds };
}
