import type { PitchClass } from '../../base/units';
import type { NoteName } from '../../pitch/spelling';
import type { SoloNote } from '../solo/types';

/** A phrase of a player's own, as it is kept. */
export interface Lick {
  readonly name: string;
  /** The key or the root it is written in: `Bb`. */
  readonly key: NoteName;
  /** Its notes as written, see `readNotes`. */
  readonly notes: string;
  /** The rhythm of its answer, bars apart by `|`, in the signs of a pattern; empty where it has none of its own. */
  readonly answer: string;
}

/** A lick that has been read, in some meter. */
export interface ReadLick {
  readonly name: string;
  readonly root: PitchClass;
  /** On the straight grid, from the beginning of its first bar. */
  readonly notes: readonly SoloNote[];
  /** Bars it takes, 1 or more. */
  readonly bars: number;
  /** A pattern for each bar of its answer. */
  readonly answer: readonly string[];
}

/** What is wrong with a lick, for the player, and in which of its parts. */
export interface LickProblem {
  readonly part: 'key' | 'notes' | 'answer';
  readonly message: string;
}
