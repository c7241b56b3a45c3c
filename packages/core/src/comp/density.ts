import { ticks, type Ticks } from '../base/units';
import type { Timeline } from '../chart/timeline';
import type { SoundingHit } from './base/sounding';
import { inTicks } from './base/time';

/** How much the comp plays in one bar. */
export interface BarDensity {
  /** Bar of all choruses, from 1; a pickup is bar 0. */
  readonly bar: number;
  readonly at: Ticks;
  readonly end: Ticks;
  /** Hits that begin in it. */
  readonly hits: number;
  /** For how much of it the comp sounds, 0..1. */
  readonly sounds: number;
}

/**
 * How busy a comp is, bar by bar: a hit counts where it begins and sounds wherever it reaches.
 * @param sounding in order of time, none overlapping the next
 */
export function densityByBar(
  sounding: readonly SoundingHit[],
  { bars, length }: Timeline,
): BarDensity[] {
  return bars.map(({ number, at }, position) => {
    const from = inTicks(at);
    const end = inTicks(bars[position + 1]?.at ?? length);
    const within = sounding.map((hit) => Math.min(hit.end, end) - Math.max(hit.at, from));
    const sounds = within.reduce((sum, each) => sum + Math.max(0, each), 0);
    return {
      ...{ bar: number, at: from, end: ticks(end) },
      hits: sounding.filter((hit) => hit.at >= from && hit.at < end).length,
      sounds: end > from ? sounds / (end - from) : 0,
    };
  });
}
