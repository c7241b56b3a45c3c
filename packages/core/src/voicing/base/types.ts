import type { Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';
import type { Midi, Millimetres, Semitones } from '../../base/units';
import type { FrettedId, KeyedId } from './instruments';

export const FAMILY_IDS = [
  'guide',
  'shell',
  'shell+',
  'close',
  'drop2',
  'drop3',
  'drop24',
  'drop23',
  'spread',
  'rootless',
  'quartal',
  'cell',
  'block',
  'colour',
  'two',
  'modal',
  'left hand',
] as const;
export type FamilyId = (typeof FAMILY_IDS)[number];

/** From the easiest. */
export const EASES = ['easy', 'stretch', 'out of reach'] as const;
export type Ease = (typeof EASES)[number];
export type Hand = 'left' | 'right';

/** 0 = root position, 1 = first inversion (third in the bass), 2 = fifth, 3 = seventh or sixth. */
export type Inversion = 0 | 1 | 2 | 3;

export interface VoicedNote {
  readonly midi: Midi;
  /** Spelled by the chord, strictly; see `plainSpelling` for readouts. */
  readonly note: NoteName;
  readonly degree: Degree;
  /** On strings: 1..n as players count them, 1 = the highest on a guitar. */
  readonly string?: number;
  /** On strings: 0 = open. */
  readonly fret?: number;
  /** On strings, fretted notes: 1 = index .. 4 = little finger. */
  readonly finger?: number;
  /** On keys. */
  readonly hand?: Hand;
}

export interface Voicing {
  /** `rest` is the silence under N.C.: no notes. `own` is what a player put together: no family's. */
  readonly family: FamilyId | 'rest' | 'own';
  readonly inversion?: Inversion;
  /** What the family's full form has besides: a partial form. Missing on a full one. */
  readonly without?: readonly Degree[];
  /** Bottom to top. */
  readonly notes: readonly VoicedNote[];
  /** On strings: from the lowest to the highest fretted position, string spacing counted. */
  readonly stretchMm?: Millimetres;
  readonly ease: Ease;
}

/** A fretted instrument in a player's hands. */
export interface Fretted {
  readonly kind: FrettedId;
  /** Open strings as MIDI notes, from string n to string 1: the lowest first, but for re-entrant ones. */
  readonly tuning: readonly number[];
  /** From the nut, 1..36. */
  readonly frets: number;
  /** The fret a capo lies on; 0 = none. Open strings then sound there, and frets count from it. */
  readonly capo: number;
  /** Nut to bridge, in mm. */
  readonly scaleLengthMm: number;
  /** Between neighbouring strings, in mm. */
  readonly stringSpacingMm: number;
  /** How far the fretting hand opens, in mm: up to `comfortable` is easy, up to `limit` a stretch. */
  readonly hand: { readonly comfortableMm: number; readonly limitMm: number };
  /** A pick sounds over at most one damped inner string; fingers over any. */
  readonly picking: 'fingers' | 'pick';
}

/** An instrument with keys under a player's hands. */
export interface Keyboard {
  readonly kind: KeyedId;
  readonly lowest: number;
  readonly highest: number;
  /** One hand comps while the other solos or rests, or both comp. */
  readonly hands: 'one' | 'two';
  /** Widest interval of each hand in semitones, 12..17. */
  readonly reach: Readonly<Record<Hand, number>>;
}

export type Instrument = Fretted | Keyboard;

export interface PitchRange {
  readonly low: number;
  readonly high: number;
}

export const ROOM_IDS = ['alone', 'singer', 'bass', 'bass and horn', 'bass and chords'] as const;
export type RoomId = (typeof ROOM_IDS)[number];

/** Who else plays. */
export interface Others {
  readonly bass: boolean;
  /** A singer, a horn, or whoever has the melody. */
  readonly soloist: boolean;
  readonly chords: boolean;
}

/** Who else plays, as it bears on the accompaniment. All ranges are MIDI notes, both ends included. */
export interface Room {
  /** One of `ROOM_IDS`, or the name of a room the player made. */
  readonly id: string;
  readonly label: string;
  readonly others: Others;
  /** Lowest and highest comping pitch. */
  readonly window: PitchRange;
  /** Where the middle of a voicing sits best. */
  readonly centre: PitchRange;
  /** Where the soloist and the bass move; shown whether or not they play. */
  readonly soloist: PitchRange;
  readonly bass: PitchRange;
  /** Whether voicings hold the root; where they do not, only a chord that is told by it keeps it. */
  readonly roots: boolean;
  /** Most notes of one voicing, 2..8. */
  readonly mostNotes: number;
}

/** How many voices: as many as the family has, as few as tell the chord, or exactly so many. */
export const VOICE_COUNTS = ['family', 'fewest', 2, 3, 4, 5, 6] as const;
export type VoiceCount = (typeof VOICE_COUNTS)[number];

/**
 * What may be lowest. `room`: while no bass plays a tone of the chord proper, never a 9, 11 or 13; with
 * a bass, unless the room has roots, anything but the root.
 */
export const BOTTOMS = ['room', 'root', 'root or fifth', 'free'] as const;
export type Bottom = (typeof BOTTOMS)[number];

/** Open strings only in grips up to the fifth fret, or anywhere. */
export const OPEN_STRINGS = ['low', 'anywhere'] as const;

export interface VoicingSettings {
  readonly instrument: Instrument;
  readonly room: Room;
  readonly families: readonly FamilyId[];
  /**
   * Which colours the four-voice families take in: those the symbol writes, or every available tension
   * in the place of the root (9) and the fifth (13, 11). Families made of colours always use them all.
   */
  readonly tensions: 'as written' | 'available';
  /** Default `family`. */
  readonly voices: VoiceCount;
  /**
   * String sets that may be used, as `643`: grips lie on the strings of one of them. Default none: each
   * family's own, others where those have no grip. No matter on keys.
   */
  readonly strings: readonly string[];
  /** Default `room`. */
  readonly bottom: Bottom;
  /** Free colours may leave one guide tone out. Default false. */
  readonly incomplete: boolean;
  /** Default `low`. */
  readonly openStrings: (typeof OPEN_STRINGS)[number];
  /** Also return grips beyond the hand's limit, marked `out of reach`. Default false. */
  readonly includeOutOfReach: boolean;
}

export interface StackTone {
  readonly degree: Degree;
  /** Above one root of the chord; may be negative or pass an octave. */
  readonly height: Semitones;
}

/** A voicing before it is placed: tones bottom to top, heights rising strictly. */
export interface DegreeStack {
  /** On keys, so many of the lowest tones are the left hand's; as the hands lie best when left out. */
  readonly left?: number;
  readonly tones: readonly StackTone[];
  readonly inversion?: Inversion;
  /** See `Voicing.without`. */
  readonly without?: readonly Degree[];
}
