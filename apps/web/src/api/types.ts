import type { Arrangement, Feel, LandmarkKind, Profile, SoloLine } from '@drop-close/core';

/** What the book shows of a tune. */
export interface TuneGlance {
  readonly id: string;
  readonly title: string;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
  /** Section letters in order. */
  readonly form: string;
  /** "32-bar AABA"; empty where the form has no name. */
  readonly formName: string;
  readonly bars: number;
  readonly problems: number;
  /** The key it is heard in, as `Eb major`. */
  readonly homeKey: string;
  readonly landmarks: readonly LandmarkKind[];
  readonly version: number;
  readonly updatedAt: string;
}

/** Tunes in playing order. */
export interface SetFields {
  readonly name: string;
  readonly tuneIds: readonly string[];
}

export interface SetView extends SetFields {
  readonly id: string;
  readonly version: number;
}

export interface ArrangementView {
  readonly id: string;
  readonly tuneId: string;
  readonly name: string;
  readonly setup: Arrangement;
  readonly version: number;
}

export interface TuneView extends TuneGlance {
  readonly text: string;
  readonly arrangements: readonly ArrangementView[];
}

export interface TuneFields {
  readonly title: string;
  /** The changes as typed. */
  readonly text: string;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
}

export interface ArrangementFields {
  readonly name: string;
  readonly setup: Arrangement;
}

export interface ProfileView {
  readonly profile: Profile;
  /** 0 while nothing was saved. */
  readonly version: number;
}

export interface Problem {
  readonly status: number;
  readonly title: string;
  readonly detail: string;
  readonly errors?: readonly { readonly path: string; readonly message: string }[];
  readonly yours?: unknown;
  readonly theirs?: unknown;
}

export interface SoloFields {
  readonly name: string;
  readonly line: SoloLine;
}

/** A solo line over a tune. */
export interface SoloView extends SoloFields {
  readonly id: string;
  readonly tuneId: string;
}
