import { quartersInBar } from '../../chart/meter';
import type { Meter } from '../../chart/types';
import { quarters, ticks, type Quarters, type Ticks } from '../../base/units';

/** Fine enough for triplets, sixteenths and swing alike. Source: common in Standard MIDI Files. */
export const TICKS_PER_QUARTER = 480;

export const EIGHTH = ticks(TICKS_PER_QUARTER / 2);

/** From quarter notes; exact for every place of a grid. */
export const inTicks = (quarters: Quarters): Ticks =>
  ticks(Math.round(quarters * TICKS_PER_QUARTER));

export const inQuarters = (time: Ticks): Quarters => quarters(time / TICKS_PER_QUARTER);

/**
 * Where hits may stand in a bar: its eighths, from 0.
 * @example gridOf({ beats: 3, unit: 4 }) // [0, 240, 480, 720, 960, 1200]
 */
export const gridOf = (meter: Meter): Ticks[] =>
  Array.from({ length: Math.ceil(quartersInBar(meter) * 2) }, (_, eighth) =>
    ticks(eighth * EIGHTH),
  );

/**
 * When a straight time sounds in swung time: the first half of each quarter is stretched, the second
 * pressed together, so that the offbeat eighth falls where the ratio has it. Quarters stay in place, and
 * later stays later.
 *
 * @param time in a meter whose beat is the quarter; other meters do not swing
 * @param offbeat where the offbeat falls, as a part of the quarter: 0.5 straight, 2/3 at a ratio of 2
 * @example swung(ticks(240), 2 / 3) // 320
 * @example swung(ticks(720), 0.6) // 768
 */
export const swung = (time: Ticks, offbeat: number): Ticks =>
  bent(time, EIGHTH, Math.round(offbeat * TICKS_PER_QUARTER));

/**
 * The straight time that sounds at a swung one, the nearest: what a tap in time is written as.
 * @example straightened(ticks(320), 2 / 3) // 240
 */
export const straightened = (time: Ticks, offbeat: number): Ticks =>
  bent(time, Math.round(offbeat * TICKS_PER_QUARTER), EIGHTH);

/** Moves one place within each quarter to another, and what lies before and after it in proportion. */
function bent(time: Ticks, from: number, to: number): Ticks {
  const within = rest(time);
  const moved =
    within <= from
      ? (within * to) / from
      : to + ((within - from) * (TICKS_PER_QUARTER - to)) / (TICKS_PER_QUARTER - from);
  return ticks(time - within + Math.round(moved));
}

/** Ticks since the last quarter, also before 0. */
const rest = (time: Ticks): number =>
  ((time % TICKS_PER_QUARTER) + TICKS_PER_QUARTER) % TICKS_PER_QUARTER;
