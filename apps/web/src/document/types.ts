import type { Arrangement, Feel } from '@drop-close/core';

/** A tune and one arrangement of it, as the player has them in hand. */
export interface TuneDocument {
  readonly title: string;
  /** The changes as typed. */
  readonly text: string;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
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
