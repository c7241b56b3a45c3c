import { FASTEST } from '@drop-close/core';

/** How each time round differs from the one before. */
export interface Passes {
  /** Quarter notes a minute more. */
  readonly faster: number;
  /** The tempo at which it stays. */
  readonly upTo: number;
  /** Half steps up, or down below 0. */
  readonly halfSteps: number;
}

export const sameAgain: Passes = { faster: 0, upTo: FASTEST, halfSteps: 0 };

/** How far up or down a pass lies, in half steps, never more than a tritone. */
export function semitonesAt({ halfSteps }: Passes, count: number): number {
  const up = (((halfSteps * count) % 12) + 12) % 12;
  return up > 6 ? up - 12 : up;
}

/**
 * The tempo of a pass; a tempo that is above the limit already stays what it is.
 * @param count times round since that tempo was set
 */
export const tempoAt = ({ faster, upTo }: Passes, tempo: number, count: number): number =>
  faster > 0 ? Math.max(tempo, Math.min(upTo, tempo + faster * count)) : tempo;
