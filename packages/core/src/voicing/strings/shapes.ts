/**
 * Grips without a place: which string each tone lies on and how far its fret is above the lowest one.
 *
 * A chord quality has the same shapes on every root; a root only says at which frets they stand. So the
 * shapes of a quality are found once and moved along the neck. Grips with open strings do not move, and
 * are found for each root by itself (openShapes.ts).
 */
import type { DegreeStack, Fretted, StackTone } from '../base/types';
import { alongNeck, fretsLeft, openPitches } from './geometry';

export interface Shape {
  /** Bottom to top, heights above the root. */
  readonly tones: readonly StackTone[];
  /** String of each tone, 0 = lowest. */
  readonly strings: readonly number[];
  /** Frets of each tone above the lowest fret of the shape. */
  readonly offsets: readonly number[];
  /** The lowest fret, less the pitch of the root. */
  readonly base: number;
}

/**
 * Every way to lay a stack on strings of its own, none open, within `limitMm` somewhere on the neck. A
 * branch is cut as soon as it is too wide even at the highest frets it can stand at, where the neck is
 * narrowest.
 */
export function stackShapes(neck: Fretted, { tones }: DegreeStack, limitMm: number): Shape[] {
  const open = openPitches(neck);
  const shapes: Shape[] = [];
  const strings: number[] = [];
  const raised: number[] = [];
  const visit = (): void => {
    if (!fitsSomewhere(neck, raised, limitMm)) return;
    const tone = tones[strings.length];
    if (!tone) {
      const base = Math.min(...raised);
      const offsets = raised.map((fret) => fret - base);
      shapes.push({ tones, strings: [...strings], offsets, base });
      return;
    }
    open.forEach((pitch, string) => {
      if (strings.includes(string)) return;
      strings.push(string);
      raised.push(tone.height - pitch);
      visit();
      strings.pop();
      raised.pop();
    });
  };
  visit();
  return shapes;
}

function fitsSomewhere(neck: Fretted, raised: readonly number[], limitMm: number): boolean {
  if (raised.length < 2) return true;
  const span = Math.max(...raised) - Math.min(...raised);
  const highest = fretsLeft(neck) - span;
  return highest >= 1 && alongNeck(neck, highest, highest + span) <= limitMm;
}

/** How many frets a hand covers whose lowest finger is at `fret`. */
export function widestSpan(neck: Fretted, fret: number, limitMm: number): number {
  const most = fretsLeft(neck) - fret;
  let span = 0;
  while (span < most && alongNeck(neck, fret, fret + span + 1) <= limitMm) span += 1;
  return span;
}
