import { midi, ticks, type SoloLine } from '@drop-close/core';

/** A note as pitch, beginning, length and velocity: a line has many. */
export type StoredNote = readonly [midi: number, at: number, length: number, velocity: number];

/** A line as it is kept; `version` is the shape of this very object. */
export interface StoredLine {
  readonly version: 1;
  readonly written: boolean;
  readonly notes: readonly StoredNote[];
}

export const toStored = ({ written, notes }: SoloLine): StoredLine => ({
  version: 1,
  written,
  notes: notes.map(({ midi: pitch, at, length, velocity }) => [pitch, at, length, velocity]),
});

export const fromStored = ({ written, notes }: StoredLine): SoloLine => ({
  written,
  notes: notes.map(([pitch, at, length, velocity]) => ({
    midi: midi(pitch),
    at: ticks(at),
    length: ticks(length),
    velocity,
  })),
});
