import { countedBars, type Timeline } from '../chart/timeline';
import type { Hit } from './types';

/**
 * Hits of one or several choruses after an edit that puts bars in or takes some out: what stands before the first
 * bar that is another keeps its place, what stands after the last moves with the end of the chorus, and hits of
 * bars that are gone go with them.
 */
export function followBars(
  hits: readonly Hit[],
  before: Timeline,
  after: Timeline,
): readonly Hit[] {
  const [old, now] = [barKeys(before), barKeys(after)];
  if (old.length === now.length || !hits.length) return hits;
  const shorter = Math.min(old.length, now.length);
  let head = 0;
  while (head < shorter && old[head] === now[head]) head += 1;
  let tail = 0;
  while (tail < shorter - head && old.at(-1 - tail) === now.at(-1 - tail)) tail += 1;
  return hits.flatMap((hit) => {
    if (hit.bar < 1) return [hit];
    const time = Math.floor((hit.bar - 1) / old.length);
    const inside = (hit.bar - 1) % old.length;
    const atEnd = inside >= old.length - tail;
    const moved = atEnd ? inside + now.length - old.length : inside;
    const gone = !atEnd && moved >= now.length - tail;
    return gone ? [] : [{ ...hit, bar: time * now.length + moved + 1 }];
  });
}

/** What tells bars apart: their meter and their chords. */
function barKeys(time: Timeline): string[] {
  const chords = new Map<number, string[]>();
  for (const { bar, beat, chord } of time.events) {
    chords.set(bar, [...(chords.get(bar) ?? []), `${beat} ${chord.symbol}`]);
  }
  return countedBars(time).map(
    ({ number, meter }) => `${meter.beats}/${meter.unit} ${(chords.get(number) ?? []).join(' ')}`,
  );
}
