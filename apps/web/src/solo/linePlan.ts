import { TICKS_PER_QUARTER, type BandPlan, type SoloLine } from '@drop-close/core';

/** A line by itself, from its first note on. */
export function linePlan({ notes }: SoloLine): BandPlan {
  const first = Math.min(...notes.map(({ at }) => at));
  const placed = notes.map(({ midi, at, length, velocity }) => ({
    part: 'solo' as const,
    midi,
    at: (at - first) / TICKS_PER_QUARTER,
    length: length / TICKS_PER_QUARTER,
    velocity,
  }));
  const sorted = placed.sort((a, b) => a.at - b.at);
  return { notes: sorted, length: Math.max(...sorted.map((n) => n.at + n.length)), pickup: 0 };
}
