/** What one would write first: objects, every pair weighed, the same costs and candidates. */
import type { Chord, ConnectSettings, Voicing } from '@drop-close/core';
import { changeCost } from '../packages/core/src/connect/terms/cost';
import { placeOf } from '../packages/core/src/connect/base/place';
import { pricesOf, ownCost } from '../packages/core/src/connect/terms/prices';
import { weigh, type Weighed } from '../packages/core/src/connect/base/weighed';

interface Reached {
  readonly weighed: Weighed;
  readonly total: number;
  readonly from: Reached | undefined;
}

export function plainViterbi(
  chords: readonly Chord[],
  lists: readonly (readonly Voicing[])[],
  settings: ConnectSettings,
): { readonly path: Voicing[]; readonly total: number } {
  const prices = pricesOf(settings.weights);
  let reached: Reached[] = [];
  chords.forEach((chord, at) => {
    const before = chords[at - 1];
    const place = before && placeOf(before, chord, at - 1, settings.wishes);
    reached = lists[at]!.map((voicing) => {
      const weighed = weigh(voicing, settings.instrument);
      const own = ownCost({ chord, voicing, at, settings }, prices);
      if (!place) return { weighed, total: own, from: undefined };
      let best: Reached | undefined;
      let least = Infinity;
      for (const from of reached) {
        const total = from.total + changeCost(from.weighed, weighed, place, prices);
        if (total < least) [best, least] = [from, total];
      }
      return { weighed, total: least + own, from: best };
    });
  });
  let last = reached.reduce((best, each) => (each.total < best.total ? each : best));
  const { total } = last;
  const path = [last.weighed.voicing];
  while (last.from) {
    last = last.from;
    path.unshift(last.weighed.voicing);
  }
  return { path, total };
}
