import {
  TICKS_PER_QUARTER,
  inTicks,
  quartersInBar,
  type SoloNote,
  type Timeline,
} from '@drop-close/core';
import { partOfBar, placeInBar, type SystemLayout } from '../voice/threads/threadLayout';
import { nearestEighth } from './desk/compActions';
import type { HitPlace } from './desk/hits';

/** A bar of a lane: where it lies, and when. */
export interface LaneBar {
  readonly number: number;
  readonly x: number;
  readonly width: number;
  /** In ticks from bar 1, and how long. */
  readonly from: number;
  readonly length: number;
}

/** The bars of a system as the lane under it has them. */
export function laneBars({ bars }: SystemLayout, timeline: Timeline): LaneBar[] {
  const known = new Map(timeline.bars.map((bar) => [bar.number, bar]));
  return bars.flatMap(({ number, x, width }) => {
    const bar = known.get(number);
    if (!bar) return [];
    const length = inTicks(quartersInBar(bar.meter));
    return [{ number, x, width, from: inTicks(bar.at), length }];
  });
}

/** Where a moment stands, or the edge it lies beyond. */
export function xAt(bars: readonly LaneBar[], ticks: number): number {
  const bar = bars.filter(({ from }) => from <= ticks).at(-1) ?? bars[0];
  if (!bar) return 0;
  const part = Math.min(1, Math.max(0, (ticks - bar.from) / bar.length));
  return part >= 1 ? bar.x + bar.width : placeInBar(bar, part);
}

/** The eighth nearest to a place in a lane. */
export function placeAt(bars: readonly LaneBar[], x: number): HitPlace | undefined {
  const bar = bars.find((each) => x >= each.x && x < each.x + each.width);
  if (!bar) return undefined;
  const at = nearestEighth(Math.max(0, partOfBar(bar, x)) * bar.length);
  return { bar: bar.number, at: at >= bar.length ? nearestEighth(bar.length - EIGHTH) : at };
}

const EIGHTH = TICKS_PER_QUARTER / 2;

/** A note of the soloist as it is drawn. */
export interface DrawnNote {
  readonly x: number;
  readonly width: number;
  readonly y: number;
}

/** The solo in the bars of a lane, by its own range. */
export function drawnSolo(
  bars: readonly LaneBar[],
  line: readonly SoloNote[],
  height: number,
): DrawnNote[] {
  const [first, last] = [bars[0], bars.at(-1)];
  if (!first || !last || !line.length) return [];
  const pitches = line.map(({ midi }) => midi as number);
  const low = Math.min(...pitches);
  const span = Math.max(1, Math.max(...pitches) - low);
  const end = last.from + last.length;
  return line
    .filter(({ at, length }) => at + length > first.from && at < end)
    .map(({ midi, at, length }) => {
      const x = xAt(bars, Math.max(at, first.from));
      return {
        x,
        width: Math.max(3, xAt(bars, at + length) - x - 1),
        y: 3 + (1 - (midi - low) / span) * (height - 6),
      };
    });
}
