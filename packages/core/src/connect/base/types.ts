import type { PitchClass } from '../../base/units';
import type { Degree } from '../../chord/degrees';
import type { Chord } from '../../chord/types';
import type { FamilyId, Voicing, VoicingSettings } from '../../voicing/base/types';
import type { Steps } from '../../voicing/stepped';
import type { MotionKind } from './match';

export const TERM_IDS = [
  'motion',
  'top',
  'leaps',
  'parallel',
  'voices',
  'resolution',
  'register',
  'drift',
  'sound',
  'bottom',
  'hand',
  'lie',
  'line',
  'variety',
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
   * Most sounds of one chord that are weighed, each in all its grips: where there are more, those that cost
   * least by themselves. Default `Infinity`: all are weighed. Less is for trying many choruses at once.
   */
  readonly mostSounds: number;
  /** A chord that the chosen families do not voice is lent the nearest family that does. Default false. */
  readonly lendFamily: boolean;
  readonly wishes: Wishes;
  /** What holds at single chords only, by position in the list of chords (from 0). Default none. */
  readonly rules: Readonly<Record<number, Rule>>;
}

/** What holds at one chord only. A lock there is stronger. */
export interface Rule {
  /** In place of the chosen families. */
  readonly families?: readonly FamilyId[];
  /** Only what sounds just these degrees, as far as there is any. */
  readonly degrees?: readonly Degree[];
  /** Only what lies on these strings, as `5432`, as far as there is any. */
  readonly strings?: string;
  /** Only what has one of these MIDI notes on top, as far as there is any. */
  readonly tops?: readonly number[];
  /** Only what has one of these MIDI notes at the bottom, as far as there is any. */
  readonly bottoms?: readonly number[];
  /** Only what keeps clear of a soloist, as far as there is any. */
  readonly clear?: ClearOf;
  /** Only what can be moved by each of these, as far as there is any. */
  readonly steps?: readonly Steps[];
}

/** What a voicing is to keep clear of. */
export interface ClearOf {
  /** MIDI notes that a soloist holds: no half step and no minor ninth against them. */
  readonly held: readonly number[];
  /** Notes that contradict what the soloist holds, in every octave: the 9 under a b9. */
  readonly alone?: readonly PitchClass[];
  /** The highest MIDI note that does not crowd the soloist. */
  readonly ceiling?: number;
}

/** What the top voice is asked to do over a change. */
export type TopMotion = 'free' | 'hold' | 'rise' | 'fall';

/**
 * What is asked of single chords and changes, by position in the list of chords (from 0). A change has
 * the position of the chord it leads away from.
 */
export interface Wishes {
  /** Top notes in mind, as MIDI notes. */
  readonly tops: Readonly<Record<number, number>>;
  /** Which way the top voice is to go at each change; free where nothing is said. */
  readonly shapes: Readonly<Record<number, TopMotion>>;
  /** Where the top note belongs to the next chord too, it had better stay. */
  readonly keepTop: boolean;
  /** Keys of the voicings that would be heard once more, see `voicingKey`. */
  readonly earlier: Readonly<Record<number, readonly string[]>>;
  /** Changes inside one split chord: its parts are to differ. */
  readonly splits: readonly number[];
  /**
   * Changes from one phrase to the next, where the whole hand may move an octave; not where a dominant
   * resolves.
   */
  readonly phraseEnds: readonly number[];
  /** Chords that begin a section: while no bass plays they stand on root or fifth at best. */
  readonly sectionStarts: readonly number[];
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
  /** Semitones by which the whole hand moves first, from one phrase to the next: 0, -12 or 12. */
  readonly octave: number;
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
  /** Where some chord had more sounds than `mostSounds`, the least cost is over the kept ones. */
  readonly narrowed: boolean;
}

/** Why a row of chords was not voiced; plain data. */
export type NotConnected =
  | { readonly status: 'infeasible'; readonly at: number; readonly why: string }
  | { readonly status: 'limit-reached'; readonly why: string };

/** A whole chorus voiced another way. */
export interface RankedPath {
  readonly path: readonly Voicing[];
  readonly total: number;
  /** What that is above the best total. */
  readonly extra: number;
}

export interface Connected extends ConnectedPath {
  /** So many ways to voice the whole chorus, no two alike, the cheapest first; the first is the path. */
  readonly rankedPaths: (limit: number) => RankedPath[];
  /** The candidates of one chord by what they cost the whole chorus, cheapest first. */
  readonly alternatives: (index: number, limit?: number) => Alternative[];
}

export type ConnectOutcome = Connected | NotConnected;

/** What a term may look at when a voicing is judged where it stands. */
export interface ChordFacts {
  readonly chord: Chord;
  readonly voicing: Voicing;
  /** Position in the list of chords. */
  readonly at: number;
  readonly settings: ConnectSettings;
}

/** What is known of a change before its voicings are. */
export interface ChangePlace {
  /** The roots fall a fifth (or rise a fourth), so sevenths and thirds have somewhere to go. */
  readonly fallsFifth: boolean;
  /** Over one root a suspended fourth gives way to a third. */
  readonly releases: boolean;
  readonly top: TopMotion;
  /** Pitch classes the top voice had better keep: those of the next chord, where that is asked. */
  readonly keep: readonly number[];
  /** Both are parts of one split chord. */
  readonly split: boolean;
  readonly phraseEnd: boolean;
}

export interface Tone {
  readonly midi: number;
  readonly degree: Degree;
}

/** What a term may look at when one voice across a change is judged by how it moves. */
export interface VoiceFacts {
  /** Signed semitones; where the whole hand moves an octave at the end of a phrase, what is left of it. */
  readonly step: number;
  readonly top: boolean;
  /** The next chord has the tone too, and it is asked to stay on top. */
  readonly common: boolean;
  readonly place: Pick<ChangePlace, 'top'>;
}

/** And when it is judged by where it comes from and leads, in a change that has resolutions. */
export interface LeadingFacts {
  readonly from: Degree;
  readonly to: Degree;
  /** As in `VoiceFacts`. */
  readonly step: number;
  readonly place: Pick<ChangePlace, 'fallsFifth' | 'releases'>;
}

/** What a term may look at when one voice of the earlier chord ends in such a change. */
export type EndFacts = Pick<LeadingFacts, 'from' | 'place'>;

/**
 * One part of the cost. Costs are whole hundredths of a semitone equivalent, 0 or more; a weight in
 * percent is applied outside. A term judges what it needs to: the parts of a change are kept apart
 * because the solver uses that most of its cost is a sum over voices.
 */
export interface CostTerm {
  readonly id: TermId;
  /** For the slider, as a player says it. */
  readonly label: string;
  /** What sounds, whichever way it is held. */
  readonly sound?: (facts: ChordFacts) => number;
  /** How it lies under the hand. */
  readonly grip?: (facts: ChordFacts) => number;
  /** One voice across a change, by how it moves. */
  readonly voice?: (facts: VoiceFacts) => number;
  /** And by where it leads; asked only where a change has resolutions, see `hasResolutions`. */
  readonly leading?: (facts: LeadingFacts) => number;
  /** One voice of the earlier chord that ends; asked only there too. */
  readonly ends?: (facts: EndFacts) => number;
  /** Each voice that enters or ends. */
  readonly spare?: number;
  /** All voices, two or more, shifting by one and the same interval. */
  readonly block?: number;
  /** The parts of a split chord sounding the same. */
  readonly again?: number;
  /** The whole hand moving an octave at the end of a phrase. */
  readonly octave?: number;
  /** And each of its voices. */
  readonly octaveVoice?: number;
  /** The index finger going from one place on the neck to another, in mm from the nut. */
  readonly shift?: (fromMm: number, toMm: number) => number;
}
