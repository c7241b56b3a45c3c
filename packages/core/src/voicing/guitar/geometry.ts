import { mm, type Millimetres } from '../../units';
import type { Guitar } from '../types';

/**
 * Distance of a fret from the nut in mm: L·(1 − 2^(−n/12)), fret 0 is the nut.
 * Source: twelve-tone equal temperament.
 * @example fretPosition(648, 12) // 324
 */
export const fretPosition = (scaleLengthMm: number, fret: number): Millimetres =>
  mm(scaleLengthMm * (1 - 2 ** (-fret / 12)));

/** One fretted or open place: `string` counts from 0 at the lowest string. */
export interface Place {
  readonly stringIndex: number;
  readonly fret: number;
}

/**
 * Stretch of a grip in mm: from its lowest to its highest fretted position, along the neck and across
 * the strings; the widest such pair where several share a fret. Open strings cost none.
 */
export function stretchOf(guitar: Guitar, places: readonly Place[]): Millimetres {
  const fretted = places.filter((place) => place.fret > 0);
  if (fretted.length < 2) return mm(0);
  const frets = fretted.map((place) => place.fret);
  const [low, high] = [Math.min(...frets), Math.max(...frets)];
  const along = fretPosition(guitar.scaleLengthMm, high) - fretPosition(guitar.scaleLengthMm, low);
  const across = widestStrings(fretted, low, high) * guitar.stringSpacingMm;
  return mm(Math.hypot(along, across));
}

function widestStrings(fretted: readonly Place[], low: number, high: number): number {
  let widest = 0;
  for (const a of fretted) {
    if (a.fret !== low) continue;
    for (const b of fretted) {
      if (b.fret === high) widest = Math.max(widest, Math.abs(a.stringIndex - b.stringIndex));
    }
  }
  return widest;
}
