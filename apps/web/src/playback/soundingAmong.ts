import type { Timeline } from '@drop-close/core';

/** Which chord of one chorus sounds at a time of all choruses, in quarters; -1 before the first. */
export function soundingAmong({ events, length }: Timeline, at: number): number {
  const within = at < 0 || length <= 0 ? at : at % length;
  return events.findLastIndex((event) => event.at <= within + 1e-6);
}
