import { mm, type Millimetres } from '../../base/units';
import type { Fretted } from '../base/types';

/**
 * Distance of a fret from the nut in mm: L·(1 − 2^(−n/12)), fret 0 is the nut.
 * Source: twelve-tone equal temperament.
 * @example fretPosition(648, 12) // 324
 */
export const fretPosition = (scaleLengthMm: number, fret: number): Millimetres =>
  mm(scaleLengthMm * (1 - 2 ** (-fret / 12)));

/** One fretted or open place: `stringIndex` counts from 0 at the lowest string, frets from the capo. */
export interface FretPlace {
  readonly stringIndex: number;
  readonly fret: number;
}

/** What sounds on each open string, lowest string first: the tuning, raised by a capo. */
export const openPitches = ({ tuning, capo }: Fretted): number[] =>
  tuning.map((pitch) => pitch + capo);

/** Frets left above the capo. */
export const fretsLeft = ({ frets, capo }: Fretted): number => frets - capo;

/** From fret to fret along the neck in mm, both counted from the capo. */
export const alongNeck = ({ scaleLengthMm, capo }: Fretted, low: number, high: number): number =>
  fretPosition(scaleLengthMm, capo + high) - fretPosition(scaleLengthMm, capo + low);

/**
 * Stretch of a grip in mm: from its lowest to its highest fretted position, along the neck and across
 * the strings; the widest such pair where several share a fret. Open strings cost none.
 */
export function stretchOf(neck: Fretted, places: readonly FretPlace[]): Millimetres {
  let [low, high] = [Infinity, 0];
  for (const { fret } of places) {
    if (fret === 0) continue;
    low = Math.min(low, fret);
    high = Math.max(high, fret);
  }
  if (high === 0) return mm(0);
  const across = widestStrings(places, low, high) * neck.stringSpacingMm;
  return mm(Math.hypot(alongNeck(neck, low, high), across));
}

/** Strings between the places on two frets, the widest pair. */
export function widestStrings(places: readonly FretPlace[], low: number, high: number): number {
  let widest = 0;
  for (const a of places) {
    if (a.fret !== low) continue;
    for (const b of places) {
      if (b.fret === high) widest = Math.max(widest, Math.abs(a.stringIndex - b.stringIndex));
    }
  }
  return widest;
}
