import type {
  Arrangement,
  Positions,
  StoredArrangement,
  Unfit,
  TuneFields,
} from '@drop-close/core';

/** A tune and one arrangement of it, as they are saved. */
export interface TuneDocument extends Required<TuneFields> {
  readonly arrangementName: string;
  readonly setup: StoredArrangement;
}

/** A document as the player has it in hand: all that is said of chords and bars where it is now. */
export interface TuneInHand extends Omit<TuneDocument, 'setup'> {
  readonly setup: Arrangement;
  /** What has no place in the chart as it is now. */
  readonly unfit: readonly Unfit[];
  readonly positions: Positions;
}

/** A tune that the server has not made yet: its versions count from 0. */
export const isNew = ({ tuneVersion }: Origin): boolean => tuneVersion === 0;

/** Where a document lives on the server, and the versions its stored form has. */
export interface Origin {
  readonly tuneId: string;
  readonly arrangementId: string;
  readonly tuneVersion: number;
  readonly arrangementVersion: number;
}
