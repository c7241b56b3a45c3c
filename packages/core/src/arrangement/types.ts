import type { TermId, Weights } from '../connect/types';
import type { FamilyId, Instrument, RoomId, Voicing } from '../voicing/types';

export type InstrumentKind = Instrument['kind'];

/** A voicing the player holds on to, at one chord of the chorus. */
export interface Lock {
  /** Position among the chords of the chorus as played, from 0. */
  readonly at: number;
  /** The symbol it was locked under; a lock under another symbol is stale and not applied. */
  readonly symbol: string;
  readonly voicing: Voicing;
}

/**
 * What a player decides about voicing one tune, as it is saved. `version` is the shape of this very
 * object: a later shape brings older ones up when they are read.
 */
export interface Arrangement {
  readonly version: 1;
  readonly instrument: InstrumentKind;
  readonly keyboardHands: 'one' | 'two';
  readonly room: RoomId;
  /** At least one. */
  readonly families: readonly FamilyId[];
  /** Percent, 0..300. */
  readonly weights: Weights;
  readonly loop: boolean;
  /** Each instrument keeps its own locks, so that trying the other loses none. */
  readonly locks: Readonly<Record<InstrumentKind, readonly Lock[]>>;
}

export const TERM_IDS: readonly TermId[] = ['motion', 'leaps', 'resolution', 'register', 'hand'];
