import type {
  Arrangement,
  CompQuestion,
  Feel,
  Instruments,
  SoloLine,
  TrackWish,
  TuneText,
} from '@drop-close/core';

/** All that a track is made from, as it was when it was asked for: whoever renders it needs nothing else. */
export interface AskedTrack {
  readonly tune: TuneText;
  readonly setup: Arrangement;
  readonly instruments: Instruments;
  readonly feel: Feel;
  /** The line that is comped behind, where there is one. */
  readonly solo?: SoloLine;
  readonly wish: TrackWish;
}

export const questionOf = ({ setup, instruments, feel, solo, wish }: AskedTrack): CompQuestion => ({
  ...{ setup, instruments, feel, tempo: wish.tempo },
  ...(solo && { solo }),
});
