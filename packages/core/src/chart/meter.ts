import { quarters, type Quarters } from '../base/units';
import type { Chart, Meter } from './types';

export const FOUR_FOUR: Meter = { beats: 4, unit: 4 };

export const MOST_BEATS = 12;
const UNITS = [2, 4, 8, 16];

/**
 * Reads a meter; `undefined` when it is none of 1 to 12 beats.
 * @example parseMeter('6/8') // { beats: 6, unit: 8 }
 * @example parseMeter('4') // undefined
 */
export function parseMeter(text: string): Meter | undefined {
  const match = /^\s*(\d{1,2})\s*\/\s*(\d{1,2})\s*$/.exec(text);
  const [beats, unit] = [Number(match?.[1]), Number(match?.[2])];
  return match && beats >= 1 && beats <= MOST_BEATS && UNITS.includes(unit)
    ? { beats, unit }
    : undefined;
}

export const formatMeter = ({ beats, unit }: Meter): string => `${beats}/${unit}`;

/**
 * How many quarter notes a bar lasts.
 * @example quartersInBar({ beats: 6, unit: 8 }) // 3
 */
export const quartersInBar = ({ beats, unit }: Meter): Quarters => quarters((beats * 4) / unit);

/**
 * Where the slots of a bar begin, in beats from 0, and whether their count places them without doubt.
 * Slots share the bar evenly when their count and the beats divide; otherwise the first slot is the
 * long one and the rest take the last beats, as `Dm7 G7` in three beats falls on 1 and 3.
 *
 * @example slotStarts(2, 4) // { starts: [0, 2], certain: true }
 * @example slotStarts(3, 4) // { starts: [0, 2, 3], certain: false }
 */
export function slotStarts(count: number, beats: number): { starts: number[]; certain: boolean } {
  const even = beats % count === 0 || count % beats === 0;
  if (even || count > beats) {
    return { starts: Array.from({ length: count }, (_, i) => (i * beats) / count), certain: even };
  }
  const starts = Array.from({ length: count }, (_, i) => (i === 0 ? 0 : beats - count + i));
  return { starts, certain: beats === 3 };
}

/**
 * The meter of every written bar, in order: the one in force, or for a pickup as many beats as it has.
 */
export function barMeters(chart: Chart): Meter[] {
  let { meter } = chart;
  const meters = chart.sections
    .flatMap((section) => section.bars)
    .map((bar) => (meter = bar.meter ?? meter));
  const [first] = meters;
  const { pickup } = chart.header;
  if (pickup !== undefined && first) meters[0] = { ...first, beats: pickup };
  return meters;
}
