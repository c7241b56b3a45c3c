import type { Chord } from '../chord/types';
import { enumeratorOf, type Enumerator } from '../voicing/enumerate';
import type { Voicing } from '../voicing/types';
import { nearestFamily, whyNoVoicing } from '../voicing/whyNone';
import { chordCost } from './cost';
import type { ConnectSettings, LentFamily } from './types';

export interface Candidates {
  /** For each chord what may be played; the very same list for the same chord, so that costs are shared. */
  readonly lists: readonly (readonly Voicing[])[];
  readonly lent: readonly LentFamily[];
  readonly narrowed: boolean;
}

/** What may be played for each chord: its lock, or what its families give, or what is lent. */
export function candidatesOf(chords: readonly Chord[], settings: ConnectSettings): Candidates {
  const voicingsOf = enumeratorOf(settings);
  const lenders = new Map<string, Enumerator>();
  const narrow = narrowing(settings);
  const lent: LentFamily[] = [];
  const lend = (chord: Chord, at: number): readonly Voicing[] => {
    const family = chord.kind === 'chord' ? nearestFamily(chord, settings) : undefined;
    if (chord.kind !== 'chord' || !family) return [];
    lent.push({ at, family, why: whyNoVoicing(chord, settings) });
    const lender = lenders.get(family) ?? enumeratorOf({ ...settings, families: [family] });
    lenders.set(family, lender);
    return lender(chord);
  };
  const lists = chords.map((chord, at) => {
    const locked = settings.locks[at];
    if (locked) return [locked];
    const own = voicingsOf(chord);
    return narrow(own.length || !settings.lendFamily ? own : lend(chord, at), chord);
  });
  return { lists, lent, narrowed: lists.some((list) => list.length === settings.mostCandidates) };
}

/** Keeps the candidates that cost least by themselves, in their order. */
function narrowing(settings: ConnectSettings) {
  const known = new Map<readonly Voicing[], readonly Voicing[]>();
  const { mostCandidates } = settings;
  return (list: readonly Voicing[], chord: Chord): readonly Voicing[] => {
    if (list.length <= mostCandidates) return list;
    const kept = known.get(list) ?? likeliest(list, chord, settings);
    known.set(list, kept);
    return kept;
  };
}

function likeliest(list: readonly Voicing[], chord: Chord, settings: ConnectSettings): Voicing[] {
  const costs = list.map((voicing) => chordCost(chord, voicing, settings));
  return list
    .map((_, index) => index)
    .sort((a, b) => costs[a]! - costs[b]! || a - b)
    .slice(0, settings.mostCandidates)
    .sort((a, b) => a - b)
    .map((index) => list[index]!);
}
