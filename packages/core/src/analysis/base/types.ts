import type { ScaleName } from '../../chord/scales';
import type { ChordTone } from '../../chord/types';
import type { NoteName } from '../../pitch/spelling';

/** The part a chord plays. Source: common practice. */
export type HarmonicFunction = 'tonic' | 'predominant' | 'dominant' | 'passing';

export type School = 'by function' | 'sixth and diminished' | 'parent minor' | 'simple';

/** A note pool. */
export interface Pool {
  /** As `F Mixolydian b9 b13`. */
  readonly name: string;
  readonly root: NoteName;
  readonly scale: ScaleName;
  /** As `Bb major from F`; missing where the scale is no mode of another. */
  readonly parent?: string;
  /** From its first note upwards, within an octave. */
  readonly notes: readonly NoteName[];
  /** When it fits, in a few words. */
  readonly when: string;
  readonly school: School;
}

/** Another honest way to hear a chord. */
export interface OtherReading {
  readonly key: string;
  readonly numeral: string;
  readonly function: HarmonicFunction;
  readonly reason: string;
}

/** A note of two neighbouring chords, as either spells it. */
export interface SharedNote {
  readonly note: NoteName;
  readonly there: NoteName;
}

/** What two neighbouring chords have in common. */
export interface SharedNotes {
  readonly tones: readonly SharedNote[];
  /** Of the first pool of each, tones of the chords among them. */
  readonly pool: readonly SharedNote[];
}

export interface ChordAnalysis {
  /** Bar of the chorus as played, from 1 (a pickup is 0), and beat, from 1. */
  readonly bar: number;
  readonly beat: number;
  readonly symbol: string;
  /** As `Eb major`. */
  readonly key: string;
  /** As `V7/ii`; measured from the major scale of the tonic in minor keys too. */
  readonly numeral: string;
  readonly function: HarmonicFunction;
  /** Why it is read so, in a musician's words. */
  readonly reason: string;
  readonly otherwise: readonly OtherReading[];
  /** Best first. Empty under N.C. */
  readonly scales: readonly Pool[];
  /**
   * The b9 of a dominant that falls a fifth: it may lead as a third guide tone, whether or not the symbol
   * writes it.
   */
  readonly thirdGuide?: ChordTone;
  /** What may be added here: notes of the first pool that are neither in the chord nor avoided. */
  readonly tensions: readonly ChordTone[];
  /** Notes of the first pool to avoid on a long note. */
  readonly avoid: readonly NoteName[];
  /** What it shares with the next chord that is another, after the last the first; missing under N.C. */
  readonly shared?: SharedNotes & {
    /** Position of that chord in the analysis. */
    readonly next: number;
  };
}

/** Something in the changes that players know by name. */
export interface Landmark {
  readonly kind: LandmarkKind;
  readonly fromBar: number;
  readonly toBar: number;
  /** As "ii–V–I in E♭ major". */
  readonly label: string;
  /** Positions of its first and last chord in the timeline. */
  readonly first: number;
  readonly last: number;
  /** A larger landmark that says this already: then it is not worth a line of its own. */
  readonly saidBy?: LandmarkKind;
}

export const LANDMARK_KINDS = [
  'ii–V–I',
  'ii–V',
  'turnaround',
  'chain of ii–Vs',
  'chain of keys',
  'V–I',
  'cycle of fifths',
  'secondary dominant',
  'tritone substitute',
  'backdoor',
  'minor iv',
  'passing diminished',
  'common-tone diminished',
  'line cliché',
  'pedal',
  'modal vamp',
  '12-bar blues',
  'minor blues',
  'AABA',
  'ABAC',
  'rhythm A',
  'dominant-cycle bridge',
] as const;
export type LandmarkKind = (typeof LANDMARK_KINDS)[number];

export interface SectionAnalysis {
  /** Its letter, numbered where it comes more than once: A1, A2. */
  readonly name: string;
  readonly fromBar: number;
  readonly toBar: number;
  /** An earlier section that this one is, moved by so many semitones (-5 to 6, 0 for the same again). */
  readonly sameAs?: { readonly name: string; readonly semitones: number };
  /** An earlier section that this one is but for a few bars. */
  readonly nearly?: {
    readonly name: string;
    readonly semitones: number;
    readonly exceptBars: readonly number[];
  };
  /** The numbers of the section in one line, bars apart by `|`. */
  readonly map: string;
}

/** A stretch in one key. */
export interface KeyArea {
  readonly key: string;
  readonly fromBar: number;
  readonly toBar: number;
}

/** One sound that covers a run of chords, but for one at most. */
export interface CoveringSound {
  readonly fromBar: number;
  readonly toBar: number;
  /** As "4 bars of B minor". */
  readonly label: string;
  /** The one chord it does not cover. */
  readonly except?: { readonly symbol: string; readonly bar: number };
  /** Those that are safe on every chord it covers. */
  readonly notes: readonly NoteName[];
}

export interface ChartAnalysis {
  /** The key the chart as a whole is in, as `Eb major`. */
  readonly homeKey: string;
  readonly keys: readonly KeyArea[];
  /** One for each chord of the timeline. */
  readonly chords: readonly ChordAnalysis[];
  readonly landmarks: readonly Landmark[];
  readonly sections: readonly SectionAnalysis[];
  readonly sounds: readonly CoveringSound[];
}
