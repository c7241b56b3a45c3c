import type { Degree, Moment, ScoreMeasure } from '@drop-close/core';
import type { Stave, StemmableNote } from 'vexflow/bravura';
import type { Spot } from './makeRoom';
import type { TieSide } from './tieSide';

/** What of a score is drawn, and where. */
export interface SystemPlace {
  /** Position of its first bar, and how many it has. */
  readonly first: number;
  readonly count: number;
  /** In pixels. */
  readonly width: number;
  readonly height: number;
  /** From the top of the system to its first staff, and from staff to staff. */
  readonly top: number;
  readonly between: number;
}

/** A moment of a voice and what is drawn for it. */
export interface Engraved {
  readonly moment: Moment;
  readonly note: StemmableNote;
}

/** A bar once its staves and notes are drawn. */
export interface DrawnMeasure {
  readonly measure: ScoreMeasure;
  readonly stave: Stave;
  /** Where its moments and its end stand, in order of time. */
  readonly spots: readonly Spot[];
  /** Moments with degrees, and where they stand. */
  readonly degrees: readonly { readonly x: number; readonly degree: Degree }[];
  /** The top of what is highest in it, in pixels. */
  readonly highest: number;
  /** The foot of what is lowest on its first staff, in pixels. */
  readonly lowest: number;
}

/** A note that is tied on. */
export interface OpenTie {
  readonly note: StemmableNote;
  /** Its position in the chord. */
  readonly index: number;
  readonly side: TieSide;
}

/** By staff and pitch. */
export type OpenTies = Map<string, OpenTie>;
