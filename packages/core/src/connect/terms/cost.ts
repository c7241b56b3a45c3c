import type { Voicing } from '../../voicing/base/types';
import { waysToFit, type Partners } from '../base/match';
import { hasResolutions, keeps, octavesOf } from '../base/place';
import { pricesOf, type Prices } from './prices';
import { terms } from '.';
import { TERM_IDS, type ChangePlace, type TermId, type Weights } from '../base/types';
import type { Weighed } from '../base/weighed';

/** Hundredths of a semitone equivalent, the unit inside the solver, to semitone equivalents. */
export const toSemitones = (hundredths: number): number => hundredths / 100;

/** How the voices of two voicings pair over a change: none cross, and the cost is the least. */
export interface Match {
  /** Positions of paired voices, bottom to top; the others enter or end. */
  readonly pairs: readonly (readonly [from: number, to: number])[];
  /** By how many semitones the whole hand moves first: 0, or an octave where a phrase ends. */
  readonly octave: number;
}

/**
 * The least-cost match of the voices of two voicings. Equal sizes pair by order. Of equal costs the one
 * with the least motion, then the one that leaves the spare voices lowest.
 */
export function matchOf(from: Voicing, to: Voicing, place: ChangePlace, prices: Prices): Match {
  let best: Match = { pairs: [], octave: 0 };
  let least = Infinity;
  let moved = Infinity;
  for (const octave of octavesOf(place)) {
    for (const pairs of pairings(from.notes.length, to.notes.length)) {
      const cost = matchCost({ pairs, octave }, from, to, place, prices);
      const motion = pairs.reduce((sum, pair) => sum + Math.abs(stepOf(pair, from, to)), 0);
      if (cost < least || (cost === least && motion < moved)) {
        [best, least, moved] = [{ pairs, octave }, cost, motion];
      }
    }
  }
  return best;
}

function pairings(from: number, to: number): Match['pairs'][] {
  const growing = from <= to;
  const ways: readonly Partners[] = growing ? waysToFit(from, to) : waysToFit(to, from);
  return ways.map((way) => way.map((large, small) => (growing ? [small, large] : [large, small])));
}

const stepOf = ([a, b]: readonly [number, number], from: Voicing, to: Voicing): number =>
  to.notes[b]!.midi - from.notes[a]!.midi;

/** What the voices of a change cost, paired so. Silence neither moves nor costs a spare voice. */
function matchCost(
  { pairs, octave }: Match,
  from: Voicing,
  to: Voicing,
  place: ChangePlace,
  prices: Prices,
): number {
  if (!from.notes.length || !to.notes.length) return 0;
  const steps = pairs.map((pair) => stepOf(pair, from, to) - octave);
  const spares = Math.max(from.notes.length, to.notes.length) - pairs.length;
  const moved = octave ? prices.octave + pairs.length * prices.octaveVoice : 0;
  const leading = hasResolutions(place);
  let cost = spares * prices.spare + moved;
  pairs.forEach(([a, b], voice) => {
    const [tone, next] = [from.notes[a]!, to.notes[b]!];
    const [top, step] = [voice === pairs.length - 1, steps[voice]!];
    const common = keeps(place, tone);
    cost += prices.voice({ step, top, common, place });
    if (leading) cost += prices.leading({ from: tone.degree, to: next.degree, step, place });
  });
  const ending = from.notes.filter((_, voice) => !pairs.some(([paired]) => paired === voice));
  if (leading) for (const { degree } of ending) cost += prices.ends({ from: degree, place });
  return cost + (spares ? 0 : togetherCost(steps, place, prices));
}

/** All voices shifting as one, or none of them where a split chord was to change its colour. */
function togetherCost(steps: readonly number[], { split }: ChangePlace, prices: Prices): number {
  const [first] = steps;
  if (!steps.every((step) => step === first)) return 0;
  if (first === 0) return split ? prices.again : 0;
  return steps.length > 1 ? prices.block : 0;
}

/** Cost of a change in whole hundredths, voices paired as given. */
export function costOfMatch(
  match: Match,
  from: Weighed,
  to: Weighed,
  place: ChangePlace,
  prices: Prices,
): number {
  const shifted = from.positionMm !== undefined && to.positionMm !== undefined;
  const shift = shifted ? prices.shift(from.positionMm, to.positionMm) : 0;
  return matchCost(match, from.voicing, to.voicing, place, prices) + shift;
}

/** Cost of a change, in whole hundredths: the plain statement of what the solver works out its own way. */
export const changeCost = (
  from: Weighed,
  to: Weighed,
  place: ChangePlace,
  prices: Prices,
): number => costOfMatch(matchOf(from.voicing, to.voicing, place, prices), from, to, place, prices);

/** Something worked out under each term by itself, in semitone equivalents. */
export function byTerm(
  weights: Weights,
  cost: (prices: Prices) => number,
): Readonly<Record<TermId, number>> {
  const costs = pricesByTerm(weights).map(([id, prices]) => [id, toSemitones(cost(prices))]);
  return Object.fromEntries(costs) as Record<TermId, number>;
}

type TermPrices = readonly (readonly [TermId, Prices])[];

const knownPrices = new WeakMap<Weights, TermPrices>();

/** The prices of each term alone, made once for a set of weights: every change is told with them. */
function pricesByTerm(weights: Weights): TermPrices {
  const known = knownPrices.get(weights);
  if (known) return known;
  const made = TERM_IDS.map((id) => {
    const alone = terms.filter((term) => term.id === id);
    return [id, pricesOf(weights, alone)] as const;
  });
  knownPrices.set(weights, made);
  return made;
}
