import type { Timeline } from '@drop-close/core';

/** A chorus laid along a page. */
export interface TimeAxis {
  /** Where a moment stands, in pixels; moments in quarters from the beginning of bar 1. */
  readonly x: (quarters: number) => number;
  /** The first bar of every four, which are numbered. */
  readonly numbered: readonly { readonly number: number; readonly x: number }[];
}

const NUMBERED = 4;

/** From the pickup, where there is one, to the end. @param from and to in pixels */
export function timeAxis({ bars, length }: Timeline, from: number, to: number): TimeAxis {
  const first = Math.min(0, bars[0]?.at ?? 0);
  const x = (quarters: number): number =>
    from + ((to - from) * (quarters - first)) / (length - first);
  const numbered = bars
    .filter(({ number }) => number % NUMBERED === 1)
    .map(({ number, at }) => ({ number, x: x(at) }));
  return { x, numbered };
}
