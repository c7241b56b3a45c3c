import { inTicks, quarters, quartersInBar, type PlayedBar } from '@drop-close/core';
import type { ComposedChoruses } from '../engine/protocol';

/** A hit of a bar, as parts of the bar, 0..1. */
export interface HitOver {
  readonly at: number;
  readonly length: number;
  /** It plays the chord that comes after it. */
  readonly isPush: boolean;
  readonly isAccented: boolean;
}

/**
 * The hits of a bar of one chorus, as they are comped.
 * @param time which chorus, from 0
 */
export function hitsInBar(
  { sounding, timeline, barsEach }: Pick<ComposedChoruses, 'sounding' | 'timeline' | 'barsEach'>,
  { number, meter }: Pick<PlayedBar, 'number' | 'meter'>,
  time: number,
): HitOver[] {
  const length = inTicks(quartersInBar(meter));
  const bar = number + time * barsEach;
  return sounding
    .filter(({ hit }) => hit.bar === bar)
    .map(({ hit, at, end, chord }) => {
      const begins = timeline.events[chord]?.at ?? 0;
      return {
        at: hit.at / length,
        length: Math.min(end - at, length - hit.at) / length,
        isPush: inTicks(quarters(begins)) > at,
        isAccented: hit.accent,
      };
    });
}
