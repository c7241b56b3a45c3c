import type { Midi, Ticks } from '../../base/units';
import type { Degree } from '../../chord/degrees';
import type { NoteName } from '../../pitch/spelling';

/** A note of a layer; the chord it belongs to is named by its position in the chorus, from 0. */
export interface LayerNote {
  readonly midi: Midi;
  readonly note: NoteName;
  readonly degree: Degree;
  readonly event: number;
  readonly at: Ticks;
  readonly length: Ticks;
}

/** Where a line is to lie: lowest and highest note. */
export interface LineRange {
  readonly low: Midi;
  readonly high: Midi;
}

/** The notes of an arpeggio: one a beat, or two. */
export type Pace = 'quarters' | 'eighths';
