import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/types';
import { whyNoVoicing } from '../voicing/whyNone';
import { changesOf } from './changes';
import { toSemitones } from './cost';
import { candidatesOf, layersOf } from './layers';
import { solve } from './solver';
import type { Alternative, ConnectOutcome, ConnectSettings } from './types';

/** Most changes of candidates that are weighed; far above any chart within the limits of the text. */
const MOST_STEPS = 50_000_000;

/**
 * Voices and connects a row of chords: the proven least cost over all candidates of every chord, with
 * locks kept and, when the chorus loops, the last chord joined to the first.
 *
 * @returns `found`; or `infeasible` with the position of the first chord that has no voicing and the
 * limit that binds; or `limit-reached`. No chords give an empty path.
 * @example connect(chords, { ...defaultSettings, families: ['shell'], loop: true })
 */
export function connect(chords: readonly Chord[], settings: ConnectSettings): ConnectOutcome {
  if (!chords.length) return nothing;
  const candidates = candidatesOf(chords, settings);
  const empty = candidates.findIndex((list) => !list.length);
  if (empty >= 0) return infeasible(chords, empty, settings);
  if (stepsOf(candidates) > MOST_STEPS) {
    return {
      status: 'limit-reached',
      why: 'There are too many chords and voicings to weigh at once.',
    };
  }
  const { path: choice, total, through } = solve(layersOf(chords, candidates, settings));
  const path = choice.map((candidate, i) => candidates[i]?.[candidate] as Voicing);
  const changes = changesOf(chords, path, settings);
  const alternatives = (index: number, limit = Infinity): Alternative[] =>
    rank(
      candidates[index] ?? [],
      through()[index] ?? new Int32Array(),
      choice[index] ?? 0,
      total,
    ).slice(0, limit);
  return {
    status: 'found',
    path,
    total: toSemitones(total),
    motion: changes.reduce((sum, change) => sum + change.motion, 0),
    changes,
    alternatives,
  };
}

const nothing: ConnectOutcome = {
  status: 'found',
  path: [],
  total: 0,
  motion: 0,
  changes: [],
  alternatives: () => [],
};

function infeasible(
  chords: readonly Chord[],
  at: number,
  settings: ConnectSettings,
): ConnectOutcome {
  const chord = chords[at];
  const why = chord?.kind === 'chord' ? whyNoVoicing(chord, settings) : 'it has no notes';
  return { status: 'infeasible', at, why: `${chord?.symbol ?? 'This chord'}: ${why}.` };
}

const stepsOf = (candidates: readonly (readonly Voicing[])[]): number =>
  candidates.reduce((sum, list, i) => sum + list.length * (candidates[i + 1]?.length ?? 0), 0);

/** Cheapest for the chorus first; of equals the chosen one, then the order of enumeration. */
function rank(
  candidates: readonly Voicing[],
  through: Int32Array,
  chosen: number,
  best: number,
): Alternative[] {
  return candidates
    .map((voicing, index) => ({ voicing, index, cost: through[index] ?? 0 }))
    .sort(
      (a, b) =>
        a.cost - b.cost ||
        Number(b.index === chosen) - Number(a.index === chosen) ||
        a.index - b.index,
    )
    .map(({ voicing, cost }) => ({
      voicing,
      total: toSemitones(cost),
      extra: toSemitones(cost - best),
    }));
}
