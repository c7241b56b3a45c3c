import type { Degree } from '../chord/degrees';
import type { NoteName } from '../pitch/spelling';
import type { Midi, Millimetres, Semitones } from '../units';

export type FamilyId = 'guide' | 'shell' | 'close' | 'drop2';

export type Ease = 'easy' | 'stretch' | 'out of reach';
export type Hand = 'left' | 'right';

/** 0 = root position, 1 = first inversion (third in the bass), 2 = fifth, 3 = seventh or sixth. */
export type Inversion = 0 | 1 | 2 | 3;

export interface VoicedNote {
  readonly midi: Midi;
  /** Spelled by the chord, strictly; see `plainSpelling` for readouts. */
  readonly note: NoteName;
  readonly degree: Degree;
  /** Guitar: 1 = highest string. */
  readonly string?: number;
  /** Guitar: 0 = open. */
  readonly fret?: number;
  /** Guitar, fretted notes: 1 = index .. 4 = little finger. */
  readonly finger?: number;
  /** Keyboard. */
  readonly hand?: Hand;
}

export interface Voicing {
  /** `rest` is the silence under N.C.: no notes. */
  readonly family: FamilyId | 'rest';
  readonly inversion?: Inversion;
  /** Bottom to top. */
  readonly notes: readonly VoicedNote[];
  /** Guitar: from the lowest to the highest fretted position, string spacing counted. */
  readonly stretchMm?: Millimetres;
  readonly ease: Ease;
}

export interface Guitar {
  readonly kind: 'guitar';
  /** Open strings as MIDI notes, lowest string first. */
  readonly tuning: readonly number[];
  readonly frets: number;
  /** Nut to bridge, in mm. */
  readonly scaleLengthMm: number;
  /** Between neighbouring strings, in mm. */
  readonly stringSpacingMm: number;
  /** How far the fretting hand opens, in mm: up to `comfortable` is easy, up to `limit` a stretch. */
  readonly hand: { readonly comfortableMm: number; readonly limitMm: number };
  /** A pick sounds over at most one damped inner string; fingers over any. */
  readonly picking: 'fingers' | 'pick';
}

export interface Keyboard {
  readonly kind: 'keyboard';
  readonly lowest: number;
  readonly highest: number;
  /** One hand comps while the other solos or rests, or both comp. */
  readonly hands: 'one' | 'two';
  /** Widest interval of one hand in semitones, 12..17. */
  readonly reach: number;
}

export type Instrument = Guitar | Keyboard;

export interface PitchRange {
  readonly low: number;
  readonly high: number;
}

export type RoomId = 'alone' | 'singer' | 'bass' | 'bass and horn' | 'bass and chords';

/** Who else plays, as it bears on the accompaniment. */
export interface Room {
  readonly id: RoomId;
  readonly label: string;
  /** Lowest and highest comping pitch. */
  readonly window: PitchRange;
  /** Where the middle of a voicing sits best. */
  readonly centre: PitchRange;
  /** Most notes of one voicing. */
  readonly mostNotes: number;
}

export interface VoicingSettings {
  readonly instrument: Instrument;
  readonly room: Room;
  readonly families: readonly FamilyId[];
  /** Also return grips beyond the hand's limit, marked `out of reach`. Default false. */
  readonly includeOutOfReach: boolean;
}

/**
 * A voicing before it is placed: degrees bottom to top, each with its height in semitones above one
 * root. Heights rise strictly and may pass an octave or lie below the root.
 */
export interface DegreeStack {
  readonly tones: readonly { readonly degree: Degree; readonly height: Semitones }[];
  readonly inversion?: Inversion;
}
