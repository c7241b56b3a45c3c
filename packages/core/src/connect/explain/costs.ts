import type { Chord } from '../../chord/types';
import type { Voicing } from '../../voicing/base/types';
import { byTerm } from '../terms/cost';
import { ownCost } from '../terms/prices';
import { TERM_IDS, type Change, type ConnectSettings, type TermId } from '../base/types';

export type TermCosts = Readonly<Record<TermId, number>>;

/** What a whole chorus costs by term, in semitone equivalents: its chords and its changes. */
export function costByTerm(
  chords: readonly Chord[],
  path: readonly Voicing[],
  changes: readonly Change[],
  settings: ConnectSettings,
): TermCosts {
  const standings = byTerm(settings.weights, (prices) =>
    path.reduce((sum, voicing, at) => {
      return sum + ownCost({ chord: chords[at]!, voicing, at, settings }, prices);
    }, 0),
  );
  const costs = TERM_IDS.map((id) => {
    const moving = changes.reduce((sum, { cost }) => sum + cost[id], 0);
    return [id, hundredths(standings[id] + moving)] as const;
  });
  return Object.fromEntries(costs) as Record<TermId, number>;
}

/** Sums of hundredths, rid of what floating point adds. */
const hundredths = (cost: number): number => Math.round(cost * 100) / 100;
