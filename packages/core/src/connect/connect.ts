import type { Chord } from '../chord/types';
import type { FamilyId, Voicing } from '../voicing/base/types';
import { whyNoVoicing } from '../voicing/whyNone';
import { changesOf } from './changes';
import { toSemitones } from './terms/cost';
import {
  candidateSource,
  voicingSource,
  type Candidates,
  type CandidateSource,
} from './candidates';
import { defaultWeights } from './base/data';
import { layerSource, type LayerSource } from './layers';
import type { Ranked } from './solver/chain';
import { solve } from './solver/solve';
import type { Alternative, ConnectOutcome, ConnectSettings } from './base/types';

/** Most changes of candidates that are weighed; far above any chart within the limits of the text. */
const MOST_STEPS = 2_000_000_000;

/** Connects one row of chords after another; what an edit leaves as it was is not worked out again. */
export interface Connector {
  readonly connect: (chords: readonly Chord[], settings: ConnectSettings) => ConnectOutcome;
  /** What may be played for one chord, locks aside; in other families than those of the settings, if they are given. */
  readonly voicingsOf: (
    chord: Chord,
    settings: ConnectSettings,
    families?: readonly FamilyId[],
  ) => readonly Voicing[];
}

/**
 * Voices and connects a row of chords: the proven least cost over all candidates of every chord, with
 * locks kept and, when the chorus loops, the last chord joined to the first.
 *
 * @returns `found`, over all candidates or, when `narrowed`, over the likeliest; or `infeasible` with the
 * position of the first chord that has no voicing and the limit that binds; or `limit-reached`. No chords
 * give an empty path.
 * @example connect(chords, { ...defaultSettings, families: ['shell'], loop: true })
 */
export const connect = (chords: readonly Chord[], settings: ConnectSettings): ConnectOutcome =>
  createConnector().connect(chords, settings);

/** A connector that remembers what it worked out under the last settings. */
export function createConnector(): Connector {
  const voicings = remembered(voicingSource, (settings) =>
    settingsKey({ ...settings, weights: defaultWeights, mostSounds: 0 }),
  );
  const groundwork = remembered(
    (settings): { candidates: CandidateSource; layers: LayerSource } => ({
      candidates: candidateSource(settings, voicings(settings)),
      layers: layerSource(settings),
    }),
    settingsKey,
  );
  return {
    connect: (chords, settings) => {
      const { candidates, layers } = groundwork(settings);
      return solved(chords, settings, candidates(chords, settings), layers);
    },
    voicingsOf: (chord, settings, families) => {
      const said = families ? { ...NOTHING_SAID, rules: { 0: { families } } } : NOTHING_SAID;
      return groundwork(settings).candidates([chord], said).lists[0] ?? [];
    },
  };
}

/** What was made of the last settings, while the key stays the same. */
function remembered<T>(
  make: (settings: ConnectSettings) => T,
  keyOf: (settings: ConnectSettings) => string,
): (settings: ConnectSettings) => T {
  let last: { readonly key: string; readonly made: T } | undefined;
  return (settings) => {
    const key = keyOf(settings);
    if (last?.key !== key) last = { key, made: make(settings) };
    return last.made;
  };
}

const NOTHING_SAID = { locks: {}, rules: {}, wishes: { tops: {} } };

/** All that candidates and costs hang on: everything but wishes, locks, rules and the loop. */
const settingsKey = (settings: ConnectSettings): string =>
  JSON.stringify({
    ...settings,
    wishes: undefined,
    locks: undefined,
    rules: undefined,
    loop: undefined,
  });

function solved(
  chords: readonly Chord[],
  settings: ConnectSettings,
  { lists, lent, narrowed }: Candidates,
  layers: LayerSource,
): ConnectOutcome {
  if (!chords.length) return nothing;
  const empty = lists.findIndex((list) => !list.length);
  if (empty >= 0) return infeasible(chords, empty, settings);
  if (stepsOf(lists) > MOST_STEPS) {
    return {
      status: 'limit-reached',
      why: 'There are too many chords and voicings to weigh at once.',
    };
  }
  const { path: choice, total, ranked, rankedPaths } = solve(layers(chords, lists, settings));
  const voicingsOf = (candidates: readonly number[]): Voicing[] =>
    candidates.map((candidate, i) => lists[i]![candidate]!);
  const path = voicingsOf(choice);
  const changes = changesOf(chords, path, settings);
  const alternatives = (index: number, limit = Infinity): Alternative[] =>
    inOrder(ranked(index, limit), choice[index] ?? 0).map(({ candidate, total: cost }) => ({
      voicing: lists[index]?.[candidate] as Voicing,
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
    rankedPaths: (limit) =>
      first(rankedPaths(), limit).map((way) => ({
        path: voicingsOf(way.path),
        total: toSemitones(way.total),
        extra: toSemitones(way.total - total),
      })),
  };
}

function first<T>(items: Iterable<T>, limit: number): T[] {
  const taken: T[] = [];
  if (limit < 1) return taken;
  for (const item of items) {
    taken.push(item);
    if (taken.length >= limit) break;
  }
  return taken;
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
  rankedPaths: () => [],
};

function infeasible(
  chords: readonly Chord[],
  at: number,
  settings: ConnectSettings,
): ConnectOutcome {
  const chord = chords[at];
  const { families } = settings.rules[at] ?? {};
  const why =
    chord?.kind === 'chord'
      ? whyNoVoicing(chord, families ? { ...settings, families } : settings)
      : 'it has no notes';
  return { status: 'infeasible', at, why: `${chord?.symbol ?? 'This chord'}: ${why}.` };
}

const stepsOf = (candidates: readonly (readonly Voicing[])[]): number =>
  candidates.reduce((sum, list, i) => sum + list.length * (candidates[i + 1]?.length ?? 0), 0);

/** Of those that cost least the chosen one comes first. */
const inOrder = (ranked: readonly Ranked[], chosen: number): Ranked[] =>
  [...ranked].sort(
    (a, b) => a.total - b.total || Number(b.candidate === chosen) - Number(a.candidate === chosen),
  );
