import type { Midi, Ticks } from '../../base/units';

/** A note of a solo line as it is heard, from the beginning of bar 1. */
export interface SoloNote {
  readonly midi: Midi;
  readonly at: Ticks;
  readonly length: Ticks;
  /** 1..127. */
  readonly velocity: number;
}

/** More than anybody plays in one solo. */
export const MOST_SOLO_NOTES = 10_000;

/** A solo line as it is kept: played as it sounds, or written straight and swung when it sounds. */
export interface SoloLine {
  readonly notes: readonly SoloNote[];
  readonly written: boolean;
}

/** What is played between two rests. */
export interface SoloPhrase {
  readonly notes: readonly SoloNote[];
  readonly at: Ticks;
  readonly end: Ticks;
  readonly low: Midi;
  readonly high: Midi;
}

/** How strictly the soloist is left alone: from 1, over the line too, to 3, only in gaps and under long notes. */
export type Strictness = 1 | 2 | 3;
