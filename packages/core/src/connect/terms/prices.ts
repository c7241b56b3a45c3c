import { terms as allTerms } from '.';
import type {
  ChordFacts,
  CostTerm,
  EndFacts,
  LeadingFacts,
  TermId,
  VoiceFacts,
  Weights,
} from '../base/types';

/**
 * What everything costs under some weights, in whole hundredths of a semitone equivalent. Each part of
 * each term is weighted and rounded by itself, so that a total is exactly the sum of its parts however
 * they are grouped.
 */
export interface Prices {
  readonly sound: (facts: ChordFacts) => number;
  readonly grip: (facts: ChordFacts) => number;
  readonly voice: (facts: VoiceFacts) => number;
  readonly leading: (facts: LeadingFacts) => number;
  readonly ends: (facts: EndFacts) => number;
  readonly shift: (fromMm: number, toMm: number) => number;
  readonly spare: number;
  readonly block: number;
  readonly again: number;
  readonly octave: number;
  readonly octaveVoice: number;
}

type FixedPart = 'spare' | 'block' | 'again' | 'octave' | 'octaveVoice';

/** @param terms those that count; all by default */
export function pricesOf(weights: Weights, terms: readonly CostTerm[] = allTerms): Prices {
  const weighted = (cost: number, id: TermId): number => Math.round((cost * weights[id]) / 100);
  const fixed = (part: FixedPart): number =>
    terms.reduce((sum, term) => sum + weighted(term[part] ?? 0, term.id), 0);
  /** The sum of one part over the terms that have it. */
  const summed = <A extends readonly unknown[]>(
    partOf: (term: CostTerm) => ((...facts: A) => number) | undefined,
  ): ((...facts: A) => number) => {
    const parts = terms.flatMap((term) => {
      const part = weights[term.id] ? partOf(term) : undefined;
      return part ? [{ id: term.id, part }] : [];
    });
    return (...facts) => {
      let sum = 0;
      for (const { id, part } of parts) sum += weighted(part(...facts), id);
      return sum;
    };
  };
  return {
    sound: summed((term) => term.sound),
    grip: summed((term) => term.grip),
    voice: summed((term) => term.voice),
    leading: summed((term) => term.leading),
    ends: summed((term) => term.ends),
    shift: summed((term) => term.shift),
    spare: fixed('spare'),
    block: fixed('block'),
    again: fixed('again'),
    octave: fixed('octave'),
    octaveVoice: fixed('octaveVoice'),
  };
}

/** Cost of a voicing where it stands. */
export const ownCost = (facts: ChordFacts, prices: Prices): number =>
  prices.sound(facts) + prices.grip(facts);
