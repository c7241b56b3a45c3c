import type { Arrangement, Feel } from '@drop-close/core';

/** What the book shows of a tune. */
export interface TuneGlance {
  readonly id: string;
  readonly title: string;
  readonly key: string;
  readonly meter: string;
  readonly tempo: number;
  readonly feel: Feel;
  readonly form: string;
  readonly bars: number;
  readonly problems: number;
  readonly version: number;
  readonly updatedAt: string;
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

export interface Problem {
  readonly status: number;
  readonly title: string;
  readonly detail: string;
  readonly errors?: readonly { readonly path: string; readonly message: string }[];
  readonly yours?: unknown;
  readonly theirs?: unknown;
}
