import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/types';
import { changeFacts } from './facts';
import { terms } from './terms';
import { TERM_IDS, type ConnectSettings, type TermId } from './types';
import type { Weighed } from './weighed';

/** Hundredths of a semitone equivalent, the unit inside the solver, to semitone equivalents. */
export const toSemitones = (hundredths: number): number => hundredths / 100;

const weighted = (cost: number, id: TermId, settings: ConnectSettings): number =>
  Math.round((cost * settings.weights[id]) / 100);

/** Cost of a voicing where it stands, in whole hundredths. */
export function chordCost(chord: Chord, voicing: Voicing, settings: ConnectSettings): number {
  let cost = 0;
  for (const term of terms) {
    if (term.chord) cost += weighted(term.chord({ chord, voicing, settings }), term.id, settings);
  }
  return cost;
}

/** Cost of a change, in whole hundredths. */
export function changeCost(
  from: Weighed,
  to: Weighed,
  falls: boolean,
  settings: ConnectSettings,
): number {
  const facts = changeFacts(from, to, falls, settings);
  let cost = 0;
  for (const term of terms) {
    if (term.change) cost += weighted(term.change(facts), term.id, settings);
  }
  return cost;
}

/** The same by term, in semitone equivalents, for the page. */
export function changeCostByTerm(
  from: Weighed,
  to: Weighed,
  falls: boolean,
  settings: ConnectSettings,
): Record<TermId, number> {
  const facts = changeFacts(from, to, falls, settings);
  const cost = (id: TermId): number => {
    const term = terms.find((known) => known.id === id);
    return toSemitones(weighted(term?.change?.(facts) ?? 0, id, settings));
  };
  return Object.fromEntries(TERM_IDS.map((id) => [id, cost(id)])) as Record<TermId, number>;
}
