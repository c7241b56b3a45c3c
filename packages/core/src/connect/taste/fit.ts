/**
 * The weights under which a player's choices would have been the best.
 *
 * Problem: each choice is one voicing taken beside others; a weight of 0 or more is sought for each term so
 * that what was taken costs least. Conditional logit: the chance of a choice falls exponentially with its
 * cost; the likelihood is concave in the weights, so the climb ends at the top. With few choices the balanced
 * weights hold on; each choice loosens them.
 * Cost: choices × others × terms, some hundred times. Source: McFadden 1974, conditional logit analysis.
 */
import { TERM_IDS } from '../base/types';
import type { TasteChoice } from './choices';

const TERMS = TERM_IDS.length;
const MOST_STEPS = 250;
/** A climb that gains less than this a step is at the top. */
const LEAST_GAIN = 1e-6;
/** How far the balanced weights hold on, by the choice. */
const PRIOR = 0.1;

/** Weights by term, in the order of `TERM_IDS`, of no particular scale. */
export type Fit = Float64Array;

/** What others cost less what was taken costs, scaled by term. */
interface Prepared {
  /** Row after row of all terms, choice after choice. */
  readonly differences: Float64Array;
  /** The rows of choice `c` are those from `first[c]` up to `first[c + 1]`. */
  readonly first: Int32Array;
  /** How far each term differs at all. */
  readonly scale: Float64Array;
}

export function fitTaste(choices: readonly TasteChoice[]): Fit {
  const prepared = prepare(choices);
  const { scale } = prepared;
  const balanced = climb(prepared, alongBalanced(scale), new Float64Array(TERMS));
  const fitted = climb(prepared, freely, balanced, balanced);
  return fitted.map((weight, term) => weight / scale[term]!);
}

function prepare(choices: readonly TasteChoice[]): Prepared {
  const first = new Int32Array(choices.length + 1);
  choices.forEach(({ others }, at) => {
    first[at + 1] = first[at]! + others.length;
  });
  const rows = first.at(-1)!;
  const differences = new Float64Array(rows * TERMS);
  let at = 0;
  for (const { chosen, others } of choices) {
    for (const other of others) {
      for (let term = 0; term < TERMS; term += 1) {
        differences[at] = (other[term] ?? 0) - (chosen[term] ?? 0);
        at += 1;
      }
    }
  }
  const scale = new Float64Array(TERMS);
  differences.forEach((difference, cell) => {
    scale[cell % TERMS]! += difference * difference;
  });
  for (let term = 0; term < TERMS; term += 1) {
    scale[term] = Math.sqrt(scale[term]! / Math.max(1, rows)) || 1;
  }
  differences.forEach((difference, cell) => {
    differences[cell] = difference / scale[cell % TERMS]!;
  });
  return { differences, first, scale };
}

/** Turns a direction to climb in into one that is allowed. */
type Allowed = (gradient: Float64Array) => Float64Array;

const freely: Allowed = (gradient) => gradient;

/** All weights together, in the proportions of the balanced ones: each term as large as it is. */
const alongBalanced =
  (scale: Float64Array): Allowed =>
  (gradient) => {
    const length = Math.sqrt(scale.reduce((sum, size) => sum + size * size, 0));
    const along = gradient.reduce((sum, slope, term) => sum + (slope * scale[term]!) / length, 0);
    return scale.map((size) => (along * size) / length);
  };

/** Climbs to the top, each step as long as it helps. */
function climb(
  prepared: Prepared,
  allowed: Allowed,
  from: Float64Array,
  prior?: Float64Array,
): Float64Array {
  let weights = from;
  let { value, gradient } = likelihood(prepared, weights, prior);
  let length = 1;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const way = allowed(gradient);
    const next = weights.map((weight, term) => Math.max(0, weight + length * way[term]!));
    const there = likelihood(prepared, next, prior);
    const gain = there.value - value;
    if (gain > 0) {
      weights = next;
      ({ value, gradient } = there);
      length *= 1.6;
    } else {
      length /= 3;
    }
    if (gain < LEAST_GAIN && gain > -LEAST_GAIN) break;
  }
  return weights;
}

/** Mean log likelihood of the choices, less how far the weights are from the prior, and its slope. */
function likelihood(
  { differences, first }: Prepared,
  weights: Float64Array,
  prior: Float64Array | undefined,
): { readonly value: number; readonly gradient: Float64Array } {
  const choices = Math.max(1, first.length - 1);
  const gradient = new Float64Array(TERMS);
  const chances = new Float64Array(differences.length / TERMS);
  let value = 0;
  for (let choice = 0; choice + 1 < first.length; choice += 1) {
    const [begin, end] = [first[choice]!, first[choice + 1]!];
    // What was taken differs from itself by nothing: exp(0).
    let sum = 1;
    for (let row = begin; row < end; row += 1) {
      let cost = 0;
      const cell = row * TERMS;
      for (let term = 0; term < TERMS; term += 1)
        cost += weights[term]! * differences[cell + term]!;
      chances[row] = Math.exp(-Math.min(700, Math.max(-700, cost)));
      sum += chances[row]!;
    }
    value -= Math.log(sum);
    for (let row = begin; row < end; row += 1) {
      const share = chances[row]! / sum;
      const cell = row * TERMS;
      for (let term = 0; term < TERMS; term += 1) {
        gradient[term]! += share * differences[cell + term]!;
      }
    }
  }
  value /= choices;
  const pull = (2 * PRIOR) / choices;
  for (let term = 0; term < TERMS; term += 1) {
    const away = weights[term]! - (prior?.[term] ?? 0);
    value -= (pull / 2) * away * away;
    gradient[term] = gradient[term]! / choices - pull * away;
  }
  return { value, gradient };
}

/** Cost of something under fitted weights. */
export const fittedCost = (fit: Fit, costs: readonly number[]): number =>
  fit.reduce((sum, weight, term) => sum + weight * (costs[term] ?? 0), 0);
