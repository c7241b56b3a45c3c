import {
  EIGHTH,
  offbeatAt,
  quarters,
  quartersInBar,
  straightened,
  ticks,
  inTicks,
  type Hit,
} from '@drop-close/core';
import type { ComposedChoruses } from '../engine/protocol';
import { useCompositionStore } from '../engine/useComposition';
import { tuneNow } from '../document/store';
import { positionNow } from '../playback/player';
import { headingOf } from '../place/heading';
import { compActions, nearestEighth } from './desk/compActions';
import { useChorusStore } from '../engine/useChorus';

/** A tap that is held so long, in eighths, is a held hit. */
const HELD = 1.5;

let down: number | undefined;

/** A tap begins; where it falls is known when it ends. */
export function tapDown(): void {
  down = positionNow();
}

/** A tap ends: it becomes a hit at the nearest eighth, as the swing has it. */
export function tapUp(): void {
  const up = positionNow();
  const { composed } = useCompositionStore.getState();
  if (down === undefined || up === undefined || !composed) return;
  const hit = tappedHit(composed, down, up, offbeatNow());
  down = undefined;
  if (hit) compActions.put(hit);
}

function offbeatNow(): number {
  const present = tuneNow();
  const written = useChorusStore.getState().chorus?.chart.header ?? {};
  if (!present) return 0.5;
  const { feel, tempo } = headingOf(present, written);
  return offbeatAt(feel, tempo, present.setup.comp.swing);
}

/**
 * What was tapped, as it is written: on the grid, whatever the swing.
 * @param from, to: in quarters from bar 1
 */
export function tappedHit(
  { timeline }: Pick<ComposedChoruses, 'timeline'>,
  from: number,
  to: number,
  offbeat: number,
): Hit | undefined {
  const bars = timeline.bars;
  const straight = straightened(inTicks(quarters(from)), offbeat);
  const moment = nearestEighth(straight);
  const bar = bars.filter(({ at }) => inTicks(at) <= moment).at(-1);
  if (!bar) return undefined;
  const at = ticks(moment - inTicks(bar.at));
  if (at >= inTicks(quartersInBar(bar.meter))) return undefined;
  const eighths = (to - from) * 2;
  const held = eighths >= HELD;
  return {
    bar: bar.number,
    at,
    length: ticks(held ? Math.max(1, Math.round(eighths)) * EIGHTH : EIGHTH),
    hold: held ? 'full' : 'short',
    touch: 'plain',
    accent: false,
  };
}
