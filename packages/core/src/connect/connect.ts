import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/types';
import { whyNoVoicing } from '../voicing/whyNone';
import { changesOf } from './changes';
import { toSemitones } from './cost';
import { candidatesOf } from './candidates';
import { layersOf } from './layers';
import type { Ranked } from './chain';
import { solve } from './solver';
import type { Alternative, ConnectOutcome, ConnectSettings } from './types';

/** Most changes of candidates that are weighed; far above any chart within the limits of the text. */
const MOST_STEPS = 50_000_000;

/**
 * Voices and connects a row of chords: the proven least cost over all candidates of every chord, with
 * locks kept and, when the chorus loops, the last chord joined to the first.
 *
 * @returns `found`, over all candidates or, when `narrowed`, over the likeliest; or `infeasible` with the position of the first chord that has no voicing and the
 * limit that binds; or `limit-reached`. No chords give an empty path.
 * @example connect(chords, { ...defaultSettings, families: ['shell'], loop: true })
 */
export function connect(chords: readonly Chord[], settings: ConnectSettings): ConnectOutcome {
  if (!chords.length) return nothing;
  const { lists: candidates, lent, narrowed } = candidatesOf(chords, settings);
  const empty = candidates.findIndex((list) => !list.length);
  if (empty >= 0) return infeasible(chords, empty, settings);
  if (stepsOf(candidates) > MOST_STEPS) {
    return {
      status: 'limit-reached',
      why: 'There are too many chords and voicings to weigh at once.',
    };
  }
  const { path: choice, total, ranked } = solve(layersOf(chords, candidates, settings));
  const path = choice.map((candidate, i) => candidates[i]?.[candidate] as Voicing);
  const changes = changesOf(chords, path, settings);
  const alternatives = (index: number, limit = Infinity): Alternative[] =>
    inOrder(ranked(index, limit), choice[index] ?? 0).map(({ candidate, total: cost }) => ({
      voicing: candidates[index]?.[candidate] as Voicing,
      total: toSemitones(cost),
      extra: toSemitones(cost - total),
    }));
  return {
    status: 'found',
    path,
    total: toSemitones(total),
    motion: changes.reduce((sum, change) => sum + change.motion, 0),
    changes,
    lent,
    narrowed,
    alternatives,
  };
}

const nothing: ConnectOutcome = {
  status: 'found',
  path: [],
  total: 0,
  motion: 0,
  changes: [],
  lent: [],
  narrowed: false,
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

/** Of those that cost least the chosen one comes first. */
const inOrder = (ranked: readonly Ranked[], chosen: number): Ranked[] =>
  [...ranked].sort(
    (a, b) => a.total - b.total || Number(b.candidate === chosen) - Number(a.candidate === chosen),
  );
