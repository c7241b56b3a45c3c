import type { Feel, Meter } from '../../chart/types';

/** One note of a track, in ticks of 480 a quarter from the beginning of the file. */
export interface MidiNote {
  readonly midi: number;
  readonly at: number;
  readonly length: number;
  /** 1..127. */
  readonly velocity: number;
}

export interface MidiTrack {
  readonly name: string;
  /** From 0; 9 is the drums. */
  readonly channel: number;
  /** General MIDI program, from 0. */
  readonly program: number;
  readonly notes: readonly MidiNote[];
}

/** A word at a moment: the name of a section, a chord symbol. */
export interface MidiText {
  readonly at: number;
  readonly text: string;
}

/** What a Standard MIDI File of ours holds. Times are in ticks of 480 a quarter. */
export interface MidiSong {
  readonly title: string;
  /** Quarter notes a minute. */
  readonly tempo: number;
  readonly meters: readonly { readonly at: number; readonly meter: Meter }[];
  /** `Eb` or `Cm`; key and feel are left out where nothing is said of them. */
  readonly key?: string;
  readonly feel?: Feel;
  readonly sections: readonly MidiText[];
  readonly chords: readonly MidiText[];
  readonly tracks: readonly MidiTrack[];
}
