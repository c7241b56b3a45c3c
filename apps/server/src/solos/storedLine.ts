import { midi, ticks, type LineFrame, type SoloLine } from '@drop-close/core';

/** A note as pitch, beginning, length and velocity: a line has many. */
export type StoredNote = readonly [midi: number, at: number, length: number, velocity: number];

/** A line as it is kept; `version` is the shape of this very object. */
export interface StoredLine {
  readonly version: 2;
  readonly written: boolean;
  readonly notes: readonly StoredNote[];
  readonly over: LineFrame;
}

/** The first shape: over the tune as it happens to be. */
export interface StoredLineV1 extends Omit<StoredLine, 'version' | 'over'> {
  readonly version: 1;
}

export const toStored = ({ written, notes }: SoloLine, over: LineFrame): StoredLine => ({
  version: 2,
  written,
  notes: notes.map(({ midi: pitch, at, length, velocity }) => [pitch, at, length, velocity]),
  over,
});

export const fromStored = ({ written, notes }: StoredLine | StoredLineV1): SoloLine => ({
  written,
  notes: notes.map(([pitch, at, length, velocity]) => ({
    midi: midi(pitch),
    at: ticks(at),
    length: ticks(length),
    velocity,
  })),
});
