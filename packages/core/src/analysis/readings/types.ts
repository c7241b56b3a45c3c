import type { Key } from '../base/key';
import type { Moment } from '../base/moments';
import type { HarmonicFunction } from '../base/types';

/** How a chord comes to stand where it does. */
export type Role =
  | 'own'
  | 'borrowed'
  | 'blues'
  | 'minor iv'
  | 'Dorian IV'
  | 'backdoor'
  | 'applied dominant'
  | 'related ii'
  | 'tritone substitute'
  | 'passing diminished'
  | 'common-tone diminished'
  | 'unexplained';

/** One way to hear a chord in a key. */
export interface Reading {
  readonly numeral: string;
  readonly function: HarmonicFunction;
  readonly role: Role;
  /** In tenths of a unit, whole, 0 or more; less is better. */
  readonly cost: number;
  readonly reason: string;
}

/** A chord in its surroundings, to be read in a key. */
export interface ChordSurroundings {
  readonly key: Key;
  readonly now: Moment;
  readonly before: Moment | undefined;
  /** The chord that follows; after the last the first, for a chorus goes round. */
  readonly next: Moment | undefined;
  readonly afterNext: Moment | undefined;
  /** True inside a twelve-bar blues whose tonic is that of the key. */
  readonly blues: boolean;
}

/** A way of hearing, tried on every chord. Order decides between readings of one cost. */
export type ReadingRule = (place: ChordSurroundings) => readonly Reading[];
