import { quartersInBar } from '../chart/meter';
import type { Timeline } from '../chart/timeline';
import { ticks } from '../base/units';
import { EIGHTH, inTicks } from './base/time';
import type { Hit } from './base/types';

/** Where a hit stands. */
export type HitPlace = Pick<Hit, 'bar' | 'at'>;

/** Edits of hits; each gives a new list in order of time and leaves everything else as it was. */
type Hits = readonly Hit[];

const isAt =
  ({ bar, at }: HitPlace) =>
  (hit: HitPlace): boolean =>
    hit.bar === bar && hit.at === at;

const sorted = (hits: Hits): Hit[] => [...hits].sort((a, b) => a.bar - b.bar || a.at - b.at);

export const hitAt = (hits: Hits, place: HitPlace): Hit | undefined => hits.find(isAt(place));

/** A hit put in, in place of any that stands there. */
export const withHit = (hits: Hits, hit: Hit): Hit[] =>
  sorted([...hits.filter((other) => !isAt(hit)(other)), hit]);

export const withoutHit = (hits: Hits, place: HitPlace): Hit[] =>
  hits.filter((hit) => !isAt(place)(hit));

/** A hit taken to another place, in place of any that stands there. */
export function moveHit(hits: Hits, from: HitPlace, to: HitPlace): Hit[] {
  const hit = hitAt(hits, from);
  return hit ? withHit(withoutHit(hits, from), { ...hit, ...to }) : [...hits];
}

/** A hit so many eighths later, or earlier below 0, over bar lines too; not beyond the chorus. */
export function nudgeHit(
  hits: Hits,
  place: HitPlace,
  eighths: number,
  { bars }: Timeline,
): { readonly hits: Hit[]; readonly place: HitPlace } {
  const position = bars.findIndex(({ number }) => number === place.bar);
  const bar = bars[position];
  if (!bar) return { hits: [...hits], place };
  const at = place.at + eighths * EIGHTH;
  const length = inTicks(quartersInBar(bar.meter));
  const before = bars[position - 1];
  const after = bars[position + 1];
  const to =
    at < 0
      ? before && { bar: before.number, at: ticks(inTicks(quartersInBar(before.meter)) + at) }
      : at >= length
        ? after && { bar: after.number, at: ticks(at - length) }
        : { bar: place.bar, at: ticks(at) };
  return to ? { hits: moveHit(hits, place, to), place: to } : { hits: [...hits], place };
}

/** A hit so many eighths longer or shorter, never shorter than one; a short one becomes held when it grows. */
export function lengthenHit(hits: Hits, place: HitPlace, eighths: number): Hit[] {
  const hit = hitAt(hits, place);
  if (!hit) return [...hits];
  const length = ticks(Math.max(EIGHTH, hit.length + eighths * EIGHTH));
  const hold = hit.hold === 'short' && eighths > 0 ? 'full' : hit.hold;
  return withHit(hits, { ...hit, hold, length: length });
}

/** One bar as another is, in place of all that stands in it. */
export function copyBar(hits: Hits, from: number, to: number): Hit[] {
  const copied = hits.filter(({ bar }) => bar === from).map((hit) => ({ ...hit, bar: to }));
  return from === to ? [...hits] : sorted([...hits.filter(({ bar }) => bar !== to), ...copied]);
}
