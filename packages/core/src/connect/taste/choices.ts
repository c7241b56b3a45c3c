import type { Chord } from '../../chord/types';
import { voicingKey } from '../../voicing/enumerate';
import type { Voicing } from '../../voicing/base/types';
import { defaultWeights } from '../base/data';
import { placeOf } from '../base/place';
import { TERM_IDS, type ConnectSettings, type TermId } from '../base/types';
import { weigh } from '../base/weighed';
import { terms } from '../terms';
import { changeCost } from '../terms/cost';
import { ownCost, pricesOf, type Prices } from '../terms/prices';

/** What a voicing costs where it stands under each term, in hundredths of a semitone equivalent. */
export type Costs = readonly number[];

/** A voicing a player took, beside others they could have had. */
export interface TasteChoice {
  /** By term, in the order of `TERM_IDS`. */
  readonly chosen: Costs;
  readonly others: readonly Costs[];
}

/** A chord of a voiced chorus, and how it was voiced. */
export interface Standing {
  readonly chords: readonly Chord[];
  readonly path: readonly Voicing[];
  readonly at: number;
  readonly settings: ConnectSettings;
}

/** Others of a choice that are kept: enough to tell what was turned down. */
const MOST_OTHERS = 8;

/**
 * What a player told by taking a voicing: it and the likeliest others, each as it would lie between the
 * voicings before and after it.
 * @param offered alternatives the player had, the likeliest first; the voicing among them or not
 * @returns nothing where there was no choice
 */
export function tasteChoice(
  standing: Standing,
  chosen: Voicing,
  offered: readonly Voicing[],
): TasteChoice | undefined {
  const key = voicingKey(chosen);
  const others = offered.filter((voicing) => voicingKey(voicing) !== key).slice(0, MOST_OTHERS);
  if (!others.length) return undefined;
  return {
    chosen: costsWhere(standing, chosen),
    others: others.map((voicing) => costsWhere(standing, voicing)),
  };
}

const pricesAlone: ReadonlyMap<TermId, Prices> = new Map(
  TERM_IDS.map((id) => [
    id,
    pricesOf(
      defaultWeights,
      terms.filter((term) => term.id === id),
    ),
  ]),
);

/** A voicing at its chord by itself, and the changes to it and from it. */
export function costsWhere({ chords, path, at, settings }: Standing, voicing: Voicing): number[] {
  const here = weigh(voicing, settings.instrument);
  const count = chords.length;
  const neighbour = (by: 1 | -1): number | undefined => {
    const next = at + by;
    if (next >= 0 && next < count) return next;
    return settings.loop && count > 1 ? (next + count) % count : undefined;
  };
  const [before, after] = [neighbour(-1), neighbour(1)];
  return TERM_IDS.map((id) => {
    const prices = pricesAlone.get(id)!;
    let cost = ownCost({ chord: chords[at]!, voicing, at, settings }, prices);
    if (before !== undefined) {
      const place = placeOf(chords[before]!, chords[at]!, before, settings.wishes);
      cost += changeCost(weigh(path[before]!, settings.instrument), here, place, prices);
    }
    if (after !== undefined) {
      const place = placeOf(chords[at]!, chords[after]!, at, settings.wishes);
      cost += changeCost(here, weigh(path[after]!, settings.instrument), place, prices);
    }
    return cost;
  });
}
