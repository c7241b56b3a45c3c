import type { Chord } from '../chord/types';
import type { FamilyId, Voicing, VoicingSettings } from '../voicing/types';
import type { MotionKind } from './match';
import type { Weighed } from './weighed';

export const TERM_IDS = [
  'motion',
  'leaps',
  'parallel',
  'resolution',
  'register',
  'sound',
  'hand',
] as const;
export type TermId = (typeof TERM_IDS)[number];

/** How much each cost counts, in percent of its documented size: 0 ignores it, 100 is the default. */
export type Weights = Readonly<Record<TermId, number>>;

export interface ConnectSettings extends VoicingSettings {
  readonly weights: Weights;
  /** The chorus comes round again: the last chord is also joined to the first. */
  readonly loop: boolean;
  /** Voicings that must stay, by position in the list of chords (from 0). */
  readonly locks: Readonly<Record<number, Voicing>>;
  /**
   * Most voicings of one chord that are weighed: where there are more, those that cost least by themselves.
   * `Infinity` weighs all, however long that takes.
   */
  readonly mostCandidates: number;
  /** A chord that the chosen families do not voice is lent the nearest family that does. Default false. */
  readonly lendFamily: boolean;
}

/** A chord that the chosen families do not voice, and the family that stands in. */
export interface LentFamily {
  readonly at: number;
  readonly family: FamilyId;
  /** Why the chosen ones do not, without the symbol and the full stop. */
  readonly why: string;
}

/** One voice across a change. */
export interface VoiceMotion {
  /** Position in the earlier voicing, bottom to top; missing when the voice enters. */
  readonly from?: number;
  /** Position in the later voicing; missing when the voice ends. */
  readonly to?: number;
  /** Signed semitones; missing when the voice enters or ends. */
  readonly semitones?: number;
  readonly kind: MotionKind;
}

export interface Change {
  readonly from: number;
  readonly to: number;
  readonly voices: readonly VoiceMotion[];
  /** Plain sum of |Δ| in semitones. */
  readonly motion: number;
  /** Cost of this change by term, in semitone equivalents, weights applied. */
  readonly cost: Readonly<Record<TermId, number>>;
}

export interface Alternative {
  readonly voicing: Voicing;
  /** The least total of the whole chorus with this voicing in its place, in semitone equivalents. */
  readonly total: number;
  /** What that is above the best total; 0 for the voicing of the path. */
  readonly extra: number;
}

/** A row of chords voiced and connected; plain data. */
export interface ConnectedPath {
  readonly status: 'found';
  /** One voicing for each chord. */
  readonly path: readonly Voicing[];
  /** The proven least total cost, in semitone equivalents. */
  readonly total: number;
  /** Plain sum of |Δ| over all changes, in semitones. */
  readonly motion: number;
  /** One change from each chord to the next; with a loop also from the last to the first. */
  readonly changes: readonly Change[];
  readonly lent: readonly LentFamily[];
  /** Where some chord had more voicings than `mostCandidates`, the least cost is over the kept ones. */
  readonly narrowed: boolean;
}

/** Why a row of chords was not voiced; plain data. */
export type NotConnected =
  | { readonly status: 'infeasible'; readonly at: number; readonly why: string }
  | { readonly status: 'limit-reached'; readonly why: string };

export interface Connected extends ConnectedPath {
  /** The candidates of one chord by what they cost the whole chorus, cheapest first. */
  readonly alternatives: (index: number, limit?: number) => Alternative[];
}

export type ConnectOutcome = Connected | NotConnected;

/** What a term may look at when a voicing is judged where it stands. */
export interface ChordFacts {
  readonly chord: Chord;
  readonly voicing: Voicing;
  readonly settings: ConnectSettings;
}

/** What a term may look at when a change is judged. */
export interface ChangeFacts {
  readonly from: Weighed;
  readonly to: Weighed;
  /** Signed motion of every matched voice, bottom to top, in semitones. */
  readonly motions: readonly number[];
  /** Positions of the matched voices in `from` and `to`. */
  readonly fromVoices: readonly number[];
  readonly toVoices: readonly number[];
  /** Voices that enter or end. */
  readonly spare: number;
  /** The roots fall a fifth (or rise a fourth), so sevenths and thirds have somewhere to go. */
  readonly fallsFifth: boolean;
  readonly settings: ConnectSettings;
}

/**
 * One part of the cost. Costs are whole hundredths of a semitone equivalent, 0 or more; a weight in
 * percent is applied outside. A term may judge chords, changes, or both.
 */
export interface CostTerm {
  readonly id: TermId;
  /** For the slider, as a player says it. */
  readonly label: string;
  readonly chord?: (facts: ChordFacts) => number;
  readonly change?: (facts: ChangeFacts) => number;
}
