import type { Chord, PitchedChord } from '../chord/types';
import { enumeratorOf, voicingKey, type Enumerator } from '../voicing/enumerate';
import type { FamilyId, Voicing } from '../voicing/types';
import { nearestFamily, whyNoVoicing } from '../voicing/whyNone';
import { pricesOf, type Prices } from './prices';
import { layerOf, type Layer } from './solver/layer';
import { standingCosts } from './standing';
import type { ConnectSettings, LentFamily } from './types';

export interface Candidates {
  /** For each chord what may be played; the very same list for the same chord, so that costs are shared. */
  readonly lists: readonly (readonly Voicing[])[];
  readonly lent: readonly LentFamily[];
  readonly narrowed: boolean;
}

export type CandidateSource = (
  chords: readonly Chord[],
  locks: ConnectSettings['locks'],
) => Candidates;

/**
 * What may be played for each chord: its lock, or what its families give, or what is lent. Under one
 * settings a chord or a lock that comes again, also in a later question, has the very same list.
 */
export function candidateSource(
  settings: ConnectSettings,
  { voicingsOf, lendTo } = voicingSource(settings),
): CandidateSource {
  const narrow = narrowing(settings);
  const locked = new Map<string, readonly Voicing[]>();
  return (chords, locks) => {
    const lent: LentFamily[] = [];
    let narrowed = false;
    const taken = (list: readonly Voicing[], chord: Chord): readonly Voicing[] => {
      const kept = narrow(list, chord);
      narrowed ||= kept.length < list.length;
      return kept;
    };
    const lists = chords.map((chord, at) => {
      const lock = locks[at];
      if (lock) return alone(chord, lock, locked);
      const own = voicingsOf(chord);
      if (own.length || chord.kind === 'no chord' || !settings.lendFamily) {
        return taken(own, chord);
      }
      const loan = lendTo(chord);
      if (!loan) return own;
      lent.push({ at, family: loan.family, why: whyNoVoicing(chord, settings) });
      return taken(loan.voicings, chord);
    });
    return { lists, lent, narrowed };
  };
}

/** What sounds and can be held, whatever it costs. */
export interface VoicingSource {
  readonly voicingsOf: Enumerator;
  readonly lendTo: (chord: PitchedChord) => Loan | undefined;
}

interface Loan {
  readonly family: FamilyId;
  readonly voicings: readonly Voicing[];
}

export const voicingSource = (settings: ConnectSettings): VoicingSource => ({
  voicingsOf: enumeratorOf(settings),
  lendTo: lending(settings),
});

export const candidatesOf = (chords: readonly Chord[], settings: ConnectSettings): Candidates =>
  candidateSource(settings)(chords, settings.locks);

/** The list of a lock; the same lock under the same chord has the very same list. */
function alone(
  { symbol }: Chord,
  lock: Voicing,
  known: Map<string, readonly Voicing[]>,
): readonly Voicing[] {
  const key = `${symbol} ${voicingKey(lock)} ${lock.notes.map(({ degree }) => degree).join(' ')}`;
  const list = known.get(key) ?? [lock];
  known.set(key, list);
  return list;
}

/** The nearest family that voices a chord which the chosen ones do not. */
function lending(settings: ConnectSettings): VoicingSource['lendTo'] {
  const lenders = new Map<FamilyId, Enumerator>();
  return (chord) => {
    const family = nearestFamily(chord, settings);
    if (!family) return undefined;
    const lender = lenders.get(family) ?? enumeratorOf({ ...settings, families: [family] });
    lenders.set(family, lender);
    return { family, voicings: lender(chord) };
  };
}

/** Keeps the sounds that cost least by themselves, with all their grips, in their order. */
function narrowing(settings: ConnectSettings) {
  const known = new Map<readonly Voicing[], readonly Voicing[]>();
  const prices = pricesOf(settings.weights);
  return (list: readonly Voicing[], chord: Chord): readonly Voicing[] => {
    if (list.length <= settings.mostSounds) return list;
    const kept = known.get(list) ?? likeliest(layerOf(list), chord, settings, prices);
    known.set(list, kept);
    return kept;
  };
}

/** A position at which nothing is wished for. */
const NOWHERE = -1;

function likeliest(
  layer: Layer,
  chord: Chord,
  settings: ConnectSettings,
  prices: Prices,
): readonly Voicing[] {
  const { voicings, soundOf, top } = layer;
  if (top.length <= settings.mostSounds) return voicings;
  const costs = standingCosts(chord, layer, NOWHERE, settings, prices);
  const least = new Array<number>(top.length).fill(Infinity);
  costs.forEach((cost, candidate) => {
    least[soundOf[candidate]!] = Math.min(least[soundOf[candidate]!]!, cost);
  });
  const byCost = [...least.keys()].sort((a, b) => least[a]! - least[b]! || a - b);
  const kept = new Set(byCost.slice(0, settings.mostSounds));
  return voicings.filter((_, candidate) => kept.has(soundOf[candidate]!));
}
