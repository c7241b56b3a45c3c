import type { Chord, PitchedChord } from '../chord/types';
import { enumeratorOf, voicingKey, type Enumerator } from '../voicing/enumerate';
import type { FamilyId, Voicing } from '../voicing/base/types';
import { nearestFamily, whyNoVoicing } from '../voicing/whyNone';
import { pricesOf, type Prices } from './terms/prices';
import { layerOf, type Layer } from './solver/layer';
import { candidateCosts } from './candidateCosts';
import { keepingTo, ruleKey } from './keeping';
import type { ConnectSettings, LentFamily, Rule } from './base/types';

export interface Candidates {
  /** For each chord what may be played; the very same list for the same chord, so that costs are shared. */
  readonly lists: readonly (readonly Voicing[])[];
  readonly lent: readonly LentFamily[];
  readonly narrowed: boolean;
}

/** What is said of single chords. */
export type LocksAndRules = Pick<ConnectSettings, 'locks' | 'rules'>;

export type CandidateSource = (
  chords: readonly Chord[],
  locksAndRules: LocksAndRules,
) => Candidates;

/**
 * What may be played for each chord: its lock, or what its families give, or what is lent. Under one
 * settings a chord, a lock or a rule that comes again, also in a later question, has the very same list.
 */
export function candidateSource(
  settings: ConnectSettings,
  source = voicingSource(settings),
): CandidateSource {
  const narrow = narrowing(settings);
  const ruled = ruling();
  const locked = new Map<string, readonly Voicing[]>();
  return (chords, { locks, rules }) => {
    const lent: LentFamily[] = [];
    let narrowed = false;
    const taken = (all: readonly Voicing[], chord: Chord, rule: Rule): readonly Voicing[] => {
      const list = ruled(all, rule);
      const kept = narrow(list, chord);
      narrowed ||= kept.length < list.length;
      return kept;
    };
    const lists = chords.map((chord, at) => {
      const lock = locks[at];
      if (lock) return alone(chord, lock, locked);
      const rule = rules[at] ?? NO_RULE;
      const { voicingsOf, lendTo, why } = source(rule.families ?? settings.families);
      const own = voicingsOf(chord);
      if (own.length || chord.kind === 'no chord' || !settings.lendFamily) {
        return taken(own, chord, rule);
      }
      const loan = lendTo(chord);
      if (!loan) return own;
      lent.push({ at, family: loan.family, why: why(chord) });
      return taken(loan.voicings, chord, rule);
    });
    return { lists, lent, narrowed };
  };
}

const NO_RULE: Rule = {};

/** What sounds and can be held in some families, whatever it costs. */
export type VoicingSource = (families: readonly FamilyId[]) => FamilyVoicings;

interface FamilyVoicings {
  readonly voicingsOf: Enumerator;
  readonly lendTo: (chord: PitchedChord) => Loan | undefined;
  /** Why the families do not voice a chord. */
  readonly why: (chord: PitchedChord) => string;
}

interface Loan {
  readonly family: FamilyId;
  readonly voicings: readonly Voicing[];
}

export function voicingSource(settings: ConnectSettings): VoicingSource {
  const known = new Map<string, FamilyVoicings>();
  return (families) => {
    const key = families.join(' ');
    const chosen = { ...settings, families };
    const voicings = known.get(key) ?? {
      voicingsOf: enumeratorOf(chosen),
      lendTo: lending(chosen),
      why: (chord) => whyNoVoicing(chord, chosen),
    };
    known.set(key, voicings);
    return voicings;
  };
}

export const candidatesOf = (chords: readonly Chord[], settings: ConnectSettings): Candidates =>
  candidateSource(settings)(chords, settings);

/** What of a list keeps a rule; the very same list for the same question. */
function ruling() {
  const known = new Map<readonly Voicing[], Map<string, readonly Voicing[]>>();
  return (list: readonly Voicing[], rule: Rule): readonly Voicing[] => {
    const answers = known.get(list) ?? new Map<string, readonly Voicing[]>();
    known.set(list, answers);
    const key = ruleKey(rule);
    if (key === ruleKey(NO_RULE)) return list;
    const kept = answers.get(key) ?? sameIfWhole(list, keepingTo(list, rule));
    answers.set(key, kept);
    return kept;
  };
}

/** Costs are shared by list, so a list of which nothing was taken away stays the one it was. */
const sameIfWhole = <T>(list: readonly T[], kept: readonly T[]): readonly T[] =>
  kept.length === list.length ? list : kept;

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
function lending(settings: ConnectSettings): FamilyVoicings['lendTo'] {
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
  const costs = candidateCosts(chord, layer, NOWHERE, settings, prices);
  const least = new Array<number>(top.length).fill(Infinity);
  costs.forEach((cost, candidate) => {
    least[soundOf[candidate]!] = Math.min(least[soundOf[candidate]!]!, cost);
  });
  const byCost = [...least.keys()].sort((a, b) => least[a]! - least[b]! || a - b);
  const kept = new Set(byCost.slice(0, settings.mostSounds));
  return voicings.filter((_, candidate) => kept.has(soundOf[candidate]!));
}
