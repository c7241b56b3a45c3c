import type {
  Arrangement,
  CompQuestion,
  EtudeBook,
  EtudeRequest,
  Feel,
  Instruments,
  ReaderId,
  School,
  SheetKind,
  SoloLine,
  TrackWish,
  TuneText,
} from '@drop-close/core';

/** All that a track is made from, as it was when it was asked for: whoever makes it needs nothing else. */
export interface AskedTrack {
  readonly tune: TuneText;
  readonly setup: Arrangement;
  readonly instruments: Instruments;
  readonly feel: Feel;
  /** The line that is comped behind, where there is one. */
  readonly solo?: SoloLine;
  readonly wish: TrackWish;
}

/** A tune of a set as it was when its parts were asked for. */
export interface AskedTune {
  readonly title: string;
  readonly text: TuneText;
  readonly setup: Arrangement;
  readonly feel: Feel;
  readonly tempo: number;
}

/** The parts of a set: one document of each tune, for each of its readers. */
export interface AskedParts {
  readonly setId: string;
  readonly tunes: readonly AskedTune[];
  readonly kind: SheetKind;
  readonly readers: readonly ReaderId[];
  readonly numbers: boolean;
  readonly school: School;
  readonly instruments: Instruments;
}

/** An étude in all keys, to be a set of the book. */
export interface AskedEtudes {
  readonly request: EtudeRequest;
  readonly instruments: Instruments;
  /** In quarters a minute. */
  readonly tempo: number;
}

/** Long work by its kind, and all that it is made from. */
export type AskedJob =
  | { readonly kind: 'track'; readonly asked: AskedTrack }
  | { readonly kind: 'parts'; readonly asked: AskedParts }
  | { readonly kind: 'etudes'; readonly asked: AskedEtudes };

/** What comes while a job is done. */
export interface Progress {
  /** The next bytes of its file; none where it makes no file, or not yet. */
  readonly bytes?: Uint8Array;
  /** 0..1. */
  readonly progress: number;
}

/** What is told of a job that is done, beside its file. */
export interface JobResult {
  /** The set that was made. */
  readonly setId?: string;
  /** What a player should know of what was made, a sentence each. */
  readonly notes?: readonly string[];
}

/** What came of a job. */
export type JobOutcome =
  | {
      readonly ok: true;
      /** How long a track is. */
      readonly seconds?: number;
      readonly result?: JobResult;
      /** Études that are still to be put in the book. */
      readonly book?: EtudeBook;
    }
  | { readonly ok: false; readonly problem: string };

export const questionOf = ({ setup, instruments, feel, solo, wish }: AskedTrack): CompQuestion => ({
  ...{ setup, instruments, feel, tempo: wish.tempo },
  ...(solo && { solo }),
});
