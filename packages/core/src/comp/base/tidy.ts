import { quartersInBar } from '../../chart/meter';
import type { Timeline } from '../../chart/timeline';
import { ticks, type Ticks } from '../../base/units';
import { pushedInto } from './sounding';
import { inTicks } from './time';
import type { Hit } from './types';

/**
 * Hits of which none is written into the next, in order of time. One ends where the next begins; but what a
 * push has already struck is not struck again where its chord begins, while the push is held. Hits
 * in bars that the chorus does not have are left as they are.
 */
export function withoutOverlaps(hits: readonly Hit[], timeline: Timeline): Hit[] {
  const placed = inOrder(hits, timeline);
  const kept: Placed[] = [];
  for (const each of placed) {
    const before = kept.at(-1);
    const change = before && pushedInto(before.at, before.hit.length, timeline);
    const struckAlready = before && change === each.at && before.at + before.hit.length > each.at;
    if (!struckAlready) kept.push(each);
  }
  return kept.map(({ hit, at }, position) => {
    const next = kept[position + 1]?.at ?? Infinity;
    return at + hit.length > next ? { ...hit, length: ticks(next - at) } : hit;
  });
}

interface Placed {
  readonly hit: Hit;
  /** Straight, from the beginning of bar 1. */
  readonly at: Ticks;
}

function inOrder(hits: readonly Hit[], { bars }: Timeline): Placed[] {
  const numbered = new Map(bars.map((bar) => [bar.number, bar]));
  return hits
    .flatMap((hit) => {
      const bar = numbered.get(hit.bar);
      const stands = bar && hit.at < inTicks(quartersInBar(bar.meter));
      return stands ? [{ hit, at: ticks(inTicks(bar.at) + hit.at) }] : [];
    })
    .sort((a, b) => a.at - b.at);
}
