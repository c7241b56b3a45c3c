import type { Chord, PitchedChord } from '../chord/types';
import { enumeratorOf, voicingKey, type Enumerator } from '../voicing/enumerate';
import { pitchName } from '../voicing/base/pitchName';
import { FAMILY_IDS, type FamilyId, type Instrument, type Voicing } from '../voicing/base/types';
import { familyOf } from '../voicing/families';
import { nearestFamily, whyNoVoicing } from '../voicing/whyNone';
import { pricesOf, type Prices } from './terms/prices';
import { layerOf, type Layer } from './solver/layer';
import { candidateCosts } from './candidateCosts';
import { isClear, keepingTo, ruleKey } from './keeping';
import type { ConnectSettings, LentFamily, Rule, Wishes } from './base/types';

export interface Candidates {
  /** For each chord what may be played; the very same list for the same chord, so that costs are shared. */
  readonly lists: readonly (readonly Voicing[])[];
  readonly lent: readonly LentFamily[];
  readonly narrowed: boolean;
}

/** What is said of single chords. */
export type OfSingleChords = Pick<ConnectSettings, 'locks' | 'rules'> & {
  readonly wishes: Pick<Wishes, 'tops'>;
};

export type CandidateSource = (
  chords: readonly Chord[],
  ofSingleChords: OfSingleChords,
) => Candidates;

/**
 * What may be played for each chord: its lock, or what its families give, or what is lent: where they voice it not
 * at all, or not with the note on top that is wanted there. Under one settings a chord, a lock or a rule that
 * comes again, also in a later question, has the very same list.
 */
export function candidateSource(
  settings: ConnectSettings,
  source = voicingSource(settings),
): CandidateSource {
  const narrow = narrowing(settings);
  const ruled = ruling(settings.instrument);
  const locked = new Map<string, readonly Voicing[]>();
  const topped = toppedLists();
  const thinned = thinning(source);
  return (chords, { locks, rules, wishes: { tops } }) => {
    const lent: LentFamily[] = [];
    let narrowed = false;
    const taken = (all: readonly Voicing[], chord: Chord, rule: Rule): readonly Voicing[] => {
      const list = ruled(thinned(all, chord, rule), rule);
      const kept = narrow(list, chord);
      narrowed ||= kept.length < list.length;
      return kept;
    };
    const lists = chords.map((chord, at) => {
      const lock = locks[at];
      if (lock) return alone(chord, lock, locked);
      const rule = rules[at] ?? NO_RULE;
      const families = rule.families ?? settings.families;
      const { voicingsOf, lendTo, lendTop, why } = source(families);
      const own = voicingsOf(chord);
      const top = tops[at];
      const misses = top !== undefined && !topped(own, top).length;
      if (misses && chord.kind === 'chord' && settings.lendFamily) {
        const loan = lendTop(chord, (list) => topped(list, top));
        if (loan) {
          lent.push({ at, family: loan.family, why: noSuchTop(families, top) });
          return taken(loan.voicings, chord, rule);
        }
      }
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
  /** The family that gives what is kept of its voicings: free colours first, for they are there for that. */
  readonly lendTop: (
    chord: PitchedChord,
    kept: (list: readonly Voicing[]) => readonly Voicing[],
  ) => Loan | undefined;
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
    const chosen = withFamilies(settings, families);
    const voicings = known.get(key) ?? {
      voicingsOf: enumeratorOf(chosen),
      ...lending(chosen),
      why: (chord) => whyNoVoicing(chord, chosen),
    };
    known.set(key, voicings);
    return voicings;
  };
}

/** A number of voices and strings are asked of the player's own families, not of others. */
const withFamilies = (settings: ConnectSettings, families: readonly FamilyId[]): ConnectSettings =>
  families.join(' ') === settings.families.join(' ')
    ? settings
    : { ...settings, families, voices: 'family', strings: [] };

export const candidatesOf = (chords: readonly Chord[], settings: ConnectSettings): Candidates =>
  candidateSource(settings)(chords, settings);

/** What of a list keeps a rule; the very same list for the same question. */
function ruling(instrument: Instrument) {
  const known = new Map<readonly Voicing[], Map<string, readonly Voicing[]>>();
  return (list: readonly Voicing[], rule: Rule): readonly Voicing[] => {
    const answers = known.get(list) ?? new Map<string, readonly Voicing[]>();
    known.set(list, answers);
    const key = ruleKey(rule);
    if (key === ruleKey(NO_RULE)) return list;
    const kept = answers.get(key) ?? sameIfWhole(list, keepingTo(list, rule, instrument));
    answers.set(key, kept);
    return kept;
  };
}

/** Costs are shared by list, so a list of which nothing was taken away stays the one it was. */
const sameIfWhole = <T>(list: readonly T[], kept: readonly T[]): readonly T[] =>
  kept.length === list.length ? list : kept;

/** Smaller forms, for where no other keeps clear of a soloist. */
const THIN: readonly FamilyId[] = ['guide', 'shell', 'cell', 'two'];

/**
 * Where nothing in a list keeps clear of what a soloist holds, thinner forms are added; the very same list for the same
 * question.
 */
function thinning(source: VoicingSource) {
  const known = new Map<readonly Voicing[], readonly Voicing[]>();
  return (list: readonly Voicing[], chord: Chord, { clear }: Rule): readonly Voicing[] => {
    if (!clear || !list.length || list.some((voicing) => isClear(voicing, clear))) return list;
    const thin = known.get(list) ?? [...list, ...source(THIN).voicingsOf(chord)];
    known.set(list, thin);
    return thin;
  };
}

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

/** What other families give where the chosen ones do not: the nearest, or for a wanted top one that has it. */
function lending(settings: ConnectSettings): Pick<FamilyVoicings, 'lendTo' | 'lendTop'> {
  const lender = (from: ConnectSettings) => {
    const known = new Map<FamilyId, Enumerator>();
    return (family: FamilyId, chord: PitchedChord): readonly Voicing[] => {
      const enumerator = known.get(family) ?? enumeratorOf({ ...from, families: [family] });
      known.set(family, enumerator);
      return enumerator(chord);
    };
  };
  const voicingsIn = lender(settings);
  // A note that is wanted on top weighs more than how many voices lie under it.
  const anySize: ConnectSettings = { ...settings, voices: 'family', strings: [] };
  const inAnySize = lender(anySize);
  return {
    lendTo: (chord) => {
      const family = nearestFamily(chord, settings);
      // A chord of fewer tones than voices that were asked for is told in fewer.
      if (family && familyOf(family).lentLast) {
        const told = nearestFamily(chord, anySize);
        if (told) return { family: told, voicings: inAnySize(told, chord) };
      }
      return family && { family, voicings: voicingsIn(family, chord) };
    },
    lendTop: (chord, kept) => {
      const others = FAMILY_IDS.filter((id) => id !== FOR_A_TOP_LINE);
      for (const from of [voicingsIn, inAnySize]) {
        for (const family of [FOR_A_TOP_LINE, ...others]) {
          const voicings = kept(from(family, chord));
          if (voicings.length) return { family, voicings };
        }
      }
      return undefined;
    },
  };
}

const FOR_A_TOP_LINE: FamilyId = 'colour';

const noSuchTop = (families: readonly FamilyId[], top: number): string =>
  `no form of ${families.map((id) => familyOf(id).label).join(' or ')} has ${pitchName(top)} on top here`;

/** The voicings of a list with a note on top; the very same list for the same question. */
function toppedLists(): (list: readonly Voicing[], top: number) => readonly Voicing[] {
  const known = new WeakMap<readonly Voicing[], Map<number, readonly Voicing[]>>();
  return (list, top) => {
    const byTop = known.get(list) ?? new Map<number, readonly Voicing[]>();
    known.set(list, byTop);
    const kept = byTop.get(top) ?? list.filter(({ notes }) => notes.at(-1)?.midi === top);
    byTop.set(top, kept);
    return kept;
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
