import { defaultWeights } from '../base/data';
import { TERM_IDS, type TermId, type Weights } from '../base/types';
import type { TasteChoice } from './choices';
import { fitTaste, fittedCost, type Fit } from './fit';

/** Fewer choices tell too little. */
export const FEWEST_CHOICES = 8;
/** Choices are held out in so many parts, one after the other. */
const FOLDS = 5;
/** Weights are percents. */
const MOST_PERCENT = 300;

/** How well weights predict choices that were held out while they were learned. */
export interface Agreement {
  /** Choices for which what was taken would have been the best. */
  readonly best: number;
  readonly of: number;
  /** The same for the balanced weights. */
  readonly bestBalanced: number;
  /** Share of all others that what was taken beats, 0..1; a half is chance. */
  readonly beats: number;
}

export interface Learned {
  readonly weights: Weights;
  readonly agreement: Agreement;
  /** Whether the choices go together; where they do not, the weights mean little. */
  readonly consistent: boolean;
  /** What counts more or less than the rest, the surest first. */
  readonly leanings: readonly Leaning[];
}

export interface Leaning {
  readonly term: TermId;
  readonly more: boolean;
  /** 0..1: in what share of the parts the choices said the same. */
  readonly sure: number;
}

/** Below this the choices pull in different directions. */
const LEAST_BEATS = 0.75;
/** A term counts more than the others, or less, from this factor on. */
const TELLING = 1.5;
const LEAST_SURE = 0.8;

/** What a player's choices tell of their taste; nothing while they are too few. */
export function learnTaste(choices: readonly TasteChoice[]): Learned | undefined {
  if (choices.length < FEWEST_CHOICES) return undefined;
  const whole = fitTaste(choices);
  const folds = Array.from({ length: FOLDS }, (_, fold) => {
    const held = choices.filter((__, at) => at % FOLDS === fold);
    const fit = fitTaste(choices.filter((__, at) => at % FOLDS !== fold));
    return { held, fit };
  });
  const agreement = agreementOf(folds);
  const weights = percentOf(whole);
  return {
    weights,
    agreement,
    consistent: agreement.beats >= LEAST_BEATS,
    leanings: leaningsOf(
      weights,
      folds.map(({ fit }) => percentOf(fit)),
      differingIn(choices),
    ),
  };
}

interface Fold {
  readonly held: readonly TasteChoice[];
  readonly fit: Fit;
}

const BALANCED: Fit = Float64Array.from(TERM_IDS, (id) => defaultWeights[id]);

function agreementOf(folds: readonly Fold[]): Agreement {
  let [best, of, bestBalanced, beaten, others] = [0, 0, 0, 0, 0];
  for (const { held, fit } of folds) {
    for (const choice of held) {
      of += 1;
      const wins = beatenBy(fit, choice);
      beaten += wins;
      others += choice.others.length;
      if (wins === choice.others.length) best += 1;
      if (beatenBy(BALANCED, choice) === choice.others.length) bestBalanced += 1;
    }
  }
  return { best, of, bestBalanced, beats: others ? beaten / others : 0 };
}

function beatenBy(fit: Fit, { chosen, others }: TasteChoice): number {
  const cost = fittedCost(fit, chosen);
  return others.filter((other) => fittedCost(fit, other) >= cost).length;
}

/** Weights in percent, as many in all as the balanced ones have as far as the limit lets them. */
function percentOf(fit: Fit): Weights {
  const sum = fit.reduce((all, weight) => all + weight, 0);
  const total = TERM_IDS.reduce((all, id) => all + defaultWeights[id], 0);
  const percent = (weight: number): number =>
    Math.min(MOST_PERCENT, Math.round(sum ? (weight / sum) * total : 0));
  return Object.fromEntries(TERM_IDS.map((id, at) => [id, percent(fit[at]!)])) as Record<
    TermId,
    number
  >;
}

/** What counts more or less than the others do, of the terms in which choices differed at all. */
function leaningsOf(
  weights: Weights,
  folds: readonly Weights[],
  differing: readonly TermId[],
): Leaning[] {
  const lean = (each: Weights, term: TermId): number =>
    each[term] / (middleOf(each, differing) || 1);
  return differing
    .flatMap((term): Leaning[] => {
      const more = lean(weights, term) > 1;
      const tells = (each: Weights): boolean =>
        more ? lean(each, term) >= TELLING : lean(each, term) <= 1 / TELLING;
      if (!tells(weights)) return [];
      const sure = folds.filter(tells).length / folds.length;
      return sure >= LEAST_SURE ? [{ term, more, sure }] : [];
    })
    .sort((a, b) => b.sure - a.sure || weights[b.term] - weights[a.term]);
}

/** The weight that half of the terms have at most. */
function middleOf(weights: Weights, among: readonly TermId[]): number {
  const rising = among.map((id) => weights[id]).sort((a, b) => a - b);
  return rising[Math.floor(rising.length / 2)] ?? 0;
}

const differingIn = (choices: readonly TasteChoice[]): TermId[] =>
  TERM_IDS.filter((_, term) =>
    choices.some(({ chosen, others }) => others.some((other) => other[term] !== chosen[term])),
  );
