import type { Arrangement } from '../arrangement/stored/types';
import type { Degree } from '../chord/degrees';
import type { FamilyId, Room, Voicing } from '../voicing/base/types';
import type { SoloLine, SoloNote } from '../comp/solo/types';
import type { CycleChoice } from './cycles';
import type { Played } from './patternLine';
import type { Way } from './rounds/rounds';

export const TOPS = ['R', '3', '5', '7', '9', '11', '13'] as const;
export type Top = (typeof TOPS)[number];

export interface EtudeRequest extends CycleChoice {
  readonly family: FamilyId;
  readonly way: Way;
  /** String sets asked for, as `643`; none: the family's own. No matter on keys. */
  readonly strings: readonly string[];
  /** What lies on top of every ii of a ii–V–I, sharp or flat as it may be; anything when left out. */
  readonly top?: Top;
  readonly instrument: Arrangement['instrument'];
  readonly room: Room;
  /** Struck as chords when left out. */
  readonly played?: Played;
}

/** A tune and how it is voiced, ready for the book. */
export interface Etude {
  readonly title: string;
  readonly text: string;
  readonly key: string;
  readonly rounds: readonly Round[];
  /** So many rounds more there would be. */
  readonly more: number;
  readonly setup: Arrangement;
  /** All its rounds in single notes, over the chords; missing where these are struck. */
  readonly line?: SoloLine;
}

export interface Round {
  /** Sets of strings it lies on, from low to high, as `5432`; none on keys. */
  readonly strings: readonly string[];
  /** On keys, "left", "right" or "left right"; empty on strings. */
  readonly hands: string;
  /** The degree its first voicing stands on, and the one on top of it. */
  readonly bottom: Degree;
  readonly top: Degree;
  /** It begins with the voicing that the round before ended with. */
  readonly joined: boolean;
  /** Half steps in all. */
  readonly motion: number;
  /** It has a voicing in common, at the same chord, with an earlier round on its strings or in its hands. */
  readonly meets: boolean;
  readonly path: readonly Voicing[];
  /** In single notes, from its beginning; empty where its chords are struck. */
  readonly line: readonly SoloNote[];
}

/** Expected: a family that has nothing for some chord of the cycle. */
export interface EtudeProblem {
  readonly message: string;
}
