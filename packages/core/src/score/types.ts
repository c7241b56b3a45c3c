import type { Midi, Ticks } from '../base/units';
import type { Feel, Meter } from '../chart/types';
import type { Direction } from '../chart/words';
import type { Degree } from '../chord/degrees';
import type { Chord } from '../chord/types';
import type { NoteName } from '../pitch/spelling';

/** Music as it is written down, before anybody has said how: on staves, as tab, in a file. Times are in ticks, straight. */
export interface Score {
  readonly title: string;
  /** As it sounds: `Eb` or `Cm`. */
  readonly key: string;
  /** In quarter notes a minute. */
  readonly tempo: number;
  readonly feel: Feel;
  readonly measures: readonly ScoreMeasure[];
  readonly parts: readonly ScorePart[];
}

/** What stands over a bar and around it, the same for every part. */
export interface ScoreMeasure {
  /** From 1; a pickup is 0. */
  readonly number: number;
  /** In force; a pickup is shorter than it. */
  readonly meter: Meter;
  /** Where it begins, from the beginning of the score. */
  readonly at: Ticks;
  readonly length: Ticks;
  /** The section that begins here. */
  readonly section?: string;
  readonly chords: readonly ScoreChord[];
  /** Remarks, in order. */
  readonly words: readonly string[];
  readonly directions: readonly Direction[];
  readonly repeatStart: boolean;
  readonly repeatEnd: boolean;
  readonly ending?: ScoreEnding;
}

export interface ScoreEnding {
  readonly number: number;
  readonly begins: boolean;
  readonly ends: boolean;
}

export interface ScoreChord {
  /** From the beginning of the bar. */
  readonly at: Ticks;
  readonly chord: Chord;
  /** What it is in its key, `V7/ii`; written where its reader asks for it. */
  readonly number?: string;
}

export const CLEFS = ['treble', 'bass', 'tab'] as const;
export type Clef = (typeof CLEFS)[number];

/** One player's music. */
export interface ScorePart {
  readonly name: string;
  readonly staves: readonly Clef[];
  /** Of a staff of tab: the open strings as MIDI notes, from string n to string 1. */
  readonly tuning: readonly number[];
  /** How many half steps above what sounds it is written. */
  readonly writtenAbove: number;
  /** One for each measure of the score. */
  readonly measures: readonly PartMeasure[];
}

/** A bar of one part: each of its voices fills it. */
export interface PartMeasure {
  readonly voices: readonly ScoreVoice[];
}

export interface ScoreVoice {
  /** Which staff of the part it stands on, from 0. */
  readonly staff: number;
  readonly moments: readonly Moment[];
}

/** Notes struck together, or a rest where there are none. */
export interface Moment {
  /** From the beginning of the bar. */
  readonly at: Ticks;
  readonly value: NoteValue;
  readonly notes: readonly WrittenNote[];
  /** The rhythm alone: its player chooses the notes from the symbol. */
  readonly slashed?: boolean;
  /** A rest of a bar that holds nothing else. */
  readonly wholeBar?: boolean;
}

export const BASES = ['whole', 'half', 'quarter', 'eighth', '16th', '32nd'] as const;
export type NoteBase = (typeof BASES)[number];

export interface NoteValue {
  readonly base: NoteBase;
  readonly dots: 0 | 1 | 2;
  /** Three in the time of two. */
  readonly triplet: boolean;
  readonly length: Ticks;
}

export interface WrittenNote {
  /** As it sounds. */
  readonly midi: Midi;
  readonly note: NoteName;
  readonly string?: number;
  readonly fret?: number;
  /** What it is on its chord, written under it. */
  readonly degree?: Degree;
  /** It goes on from the moment before, or into the next. */
  readonly tiedFrom: boolean;
  readonly tiedTo: boolean;
}
