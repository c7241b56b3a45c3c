import type { Arrangement } from '@drop-close/core';
import type { TuneFields } from '../api/types';

/** A tune and one arrangement of it, as the player has them in hand. */
export interface TuneDocument extends TuneFields {
  readonly arrangementName: string;
  readonly setup: Arrangement;
}

/** Where a document lives on the server, and the versions its stored form has. */
export interface Origin {
  readonly tuneId: string;
  readonly arrangementId: string;
  readonly tuneVersion: number;
  readonly arrangementVersion: number;
}
