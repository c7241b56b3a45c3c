import type { Weights } from '../connect/types';
import type { FamilyId, Instrument, Room, Voicing, VoicingSettings } from '../voicing/types';

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
 * object: `upgradeArrangement` brings older ones up when they are read.
 */
export interface Arrangement {
  readonly version: 3;
  readonly instrument: InstrumentKind;
  readonly keyboardHands: 'one' | 'two';
  /** The room as it was chosen and dragged for this tune; later changes of the player's rooms leave it. */
  readonly room: Room;
  /** At least one. */
  readonly families: readonly FamilyId[];
  readonly tensions: VoicingSettings['tensions'];
  /** Percent, 0..300. */
  readonly weights: Weights;
  readonly loop: boolean;
  /** Each instrument keeps its own locks, so that trying the other loses none. */
  readonly locks: Readonly<Record<InstrumentKind, readonly Lock[]>>;
}
