import type { Midi, Ticks } from '../../units';

/** A note of a solo line as it is heard, from the beginning of bar 1. */
export interface SoloNote {
  readonly midi: Midi;
  readonly at: Ticks;
  readonly length: Ticks;
}

/** What is played between two rests. */
export interface SoloPhrase {
  readonly notes: readonly SoloNote[];
  readonly at: Ticks;
  readonly end: Ticks;
  readonly low: Midi;
  readonly high: Midi;
}
