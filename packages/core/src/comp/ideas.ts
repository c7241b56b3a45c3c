/** Edits of several hits that belong together: how loud they grow, and when the next idea begins. */
import { quartersInBar } from '../chart/meter';
import type { Timeline } from '../chart/timeline';
import { ticks, type Ticks } from '../base/units';
import { barUnder } from './base/barUnder';
import { TICKS_PER_QUARTER, inTicks } from './base/time';
import type { Hit, Loudness } from './base/types';
import { hitAt, withHit, withoutHit, type HitPlace } from './edit';

/** A rest as long as this ends an idea. Source: our own judgement. */
const REST = 2 * TICKS_PER_QUARTER;

const SOFTEST = 1;
const LOUDEST = 5;

/**
 * Hits from one place up to the end of a bar made louder, or softer, from hit to hit: from very soft to very loud or
 * back, over at least two. Everything else stays.
 */
export function swelled(
  hits: readonly Hit[],
  from: HitPlace,
  toBar: number,
  way: 'louder' | 'softer',
): Hit[] {
  const isIn = ({ bar, at }: Hit): boolean =>
    bar <= toBar && (bar > from.bar || (bar === from.bar && at >= from.at));
  const inside = hits.filter(isIn);
  if (inside.length < 2) return [...hits];
  const loudnessOf = (hit: Hit): Loudness => {
    const part = inside.indexOf(hit) / (inside.length - 1);
    const grown = way === 'louder' ? part : 1 - part;
    return (SOFTEST + Math.round(grown * (LOUDEST - SOFTEST))) as Loudness;
  };
  return hits.map((hit) => (isIn(hit) ? { ...hit, loudness: loudnessOf(hit) } : hit));
}

/**
 * A hit held for some time, and the idea that follows moved along with its end, up to the next rest of two quarters.
 * What would leave the chorus stays where it is, and so does all of the idea.
 * @param length how long it is held
 */
export function heldFor(
  hits: readonly Hit[],
  place: HitPlace,
  length: Ticks,
  timeline: Timeline,
): Hit[] {
  const hit = hitAt(hits, place);
  if (!hit) return [...hits];
  const momentOf = momentsIn(timeline);
  const shift = length - hit.length;
  const idea = ideaAfter(hits, hit, momentOf);
  const moved = idea.map((each) => placed(each, momentOf(each) + shift, timeline));
  const held = withHit(hits, { ...hit, length, hold: 'full' });
  if (moved.some((each) => each === undefined)) return held;
  const without = idea.reduce<Hit[]>(withoutHit, held);
  return moved.reduce<Hit[]>((all, each) => withHit(all, each!), without);
}

function momentsIn({ bars }: Timeline): (hit: HitPlace) => number {
  const begins = new Map(bars.map(({ number, at }) => [number, inTicks(at)]));
  return ({ bar, at }) => (begins.get(bar) ?? Infinity) + at;
}

/** The hits after one, as far as they follow each other. */
function ideaAfter(hits: readonly Hit[], hit: Hit, momentOf: (hit: HitPlace) => number): Hit[] {
  const idea: Hit[] = [];
  let end = momentOf(hit) + hit.length;
  for (const next of hits.slice(hits.indexOf(hit) + 1)) {
    if (momentOf(next) - end >= REST) break;
    idea.push(next);
    end = momentOf(next) + next.length;
  }
  return idea;
}

/** A hit at another moment; none before the first bar or after the last. */
function placed(hit: Hit, moment: number, { bars }: Timeline): Hit | undefined {
  const bar = barUnder(bars, moment);
  if (!bar) return undefined;
  const at = moment - inTicks(bar.at);
  return at < inTicks(quartersInBar(bar.meter))
    ? { ...hit, bar: bar.number, at: ticks(at) }
    : undefined;
}
