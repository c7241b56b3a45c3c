/** Long work as it goes over the API. */
import type { EtudeRequest } from '../practice/types';
import type { ReaderId } from '../score/readers';
import type { SheetKind } from '../score/sheets/types';
import type { TrackWish } from '../tracks/types';

/** A practice track that is asked for: of an arrangement of a tune, as it is stored. */
export interface TrackFields {
  readonly tuneId: string;
  readonly arrangementId: string;
  readonly wish: TrackWish;
}

/** Long work that the server does. */
export type JobKind = 'track' | OtherJobKind;
export type OtherJobKind = 'parts' | 'etudes';
export type JobState = 'waiting' | 'working' | 'ready' | 'failed';

export interface TrackView {
  readonly id: string;
  readonly tuneId: string;
  /** Of the tune when it was asked for. */
  readonly title: string;
  /** Of the tune, as `Eb`. */
  readonly key: string;
  readonly wish: TrackWish;
  readonly state: JobState;
  /** 0..1. */
  readonly progress: number;
  /** Why it failed, for the player. */
  readonly problem: string | null;
  /** How long it is. */
  readonly seconds: number;
  /** Of the file, once it is ready. */
  readonly bytes: number | null;
  readonly createdAt: string;
}

/** The parts of a set that are asked for: one document of each of its tunes, for each reader. */
export interface PartsFields {
  readonly setId: string;
  readonly kind: SheetKind;
  readonly readers: readonly ReaderId[];
  /** Whether every chord has its number under it. */
  readonly numbers: boolean;
}

/** An étude that is asked for in all keys, as a set of the book. */
export interface EtudesFields {
  readonly request: EtudeRequest;
  /** In quarters a minute. */
  readonly tempo: number;
}

/** Long work that is no track, as it is listed. */
export interface JobView {
  readonly id: string;
  readonly kind: OtherJobKind;
  readonly title: string;
  /** Of parts, their set; of études, the set that they have become, once they are ready. */
  readonly setId: string | null;
  readonly state: JobState;
  /** 0..1. */
  readonly progress: number;
  /** Why it failed, for the player. */
  readonly problem: string | null;
  /** What the player should know of what was made, a sentence each. */
  readonly notes: readonly string[];
  /** Of the file, once it is ready; null where it makes none. */
  readonly bytes: number | null;
  readonly createdAt: string;
}

/** Days after which what was made is tidied away. */
export const JOB_DAYS = 14;
