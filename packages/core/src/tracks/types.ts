import type { Mix } from '../band/output/mix';
import type { Kit, Part } from '../band/types';
import type { InstrumentId } from '../voicing/base/instruments';

export const TRACK_FORMATS = ['ogg', 'wav'] as const;
export type TrackFormat = (typeof TRACK_FORMATS)[number];

/** What a practice track is to be. */
export interface TrackWish {
  /** Who is heard; at least one. */
  readonly heard: readonly Part[];
  /** The keys in order, as half steps up from the tune's own: 0..11; at least one. */
  readonly keys: readonly number[];
  /** How often all choruses are played in each key, 1..20. */
  readonly times: number;
  /** The tempo it begins in, in quarter notes a minute, 30..360. */
  readonly tempo: number;
  /** How much faster each time round is, in quarter notes a minute, 0..20. */
  readonly faster: number;
  readonly countIn: boolean;
  readonly format: TrackFormat;
}

/** Keys of one track. */
export const MOST_TRACK_KEYS = 12;
/** Times in each key. */
export const MOST_TRACK_TIMES = 20;
/** Quarter notes a minute that each time round may be faster. */
export const MOST_FASTER = 20;
/** How long a track may be, in seconds: what is not packed takes ten megabytes a minute. */
export const LONGEST_TRACK: Readonly<Record<TrackFormat, number>> = { ogg: 2700, wav: 900 };

/** A note of a track, in seconds from its beginning. */
export interface TrackNote {
  readonly part: Part;
  readonly midi: number;
  readonly from: number;
  readonly to: number;
  /** 1..127. */
  readonly velocity: number;
}

/** What sounds, ready to be rendered. */
export interface Track {
  /** In order of time. */
  readonly notes: readonly TrackNote[];
  /** To where the last sound has rung out. */
  readonly seconds: number;
  readonly kit: Kit;
  /** As in the whole band, whoever is heard of it. */
  readonly mix: Mix;
  readonly instrument: InstrumentId;
  /** Where each time round begins, in seconds, and in which key. */
  readonly rounds: readonly { readonly at: number; readonly key: string; readonly tempo: number }[];
}
