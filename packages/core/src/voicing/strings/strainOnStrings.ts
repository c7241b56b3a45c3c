import type { LieSizes, StrainSizes } from '../instruments/playing';
import type { Fretted, Voicing } from '../base/types';

/** From here up the body is in the way of the hand. */
const BODY_FRET = 12;

/** Stretch, and stretch past comfort. */
export function strainOnStrings(
  { stretchMm }: Voicing,
  { hand }: Fretted,
  sizes: StrainSizes,
): number {
  const stretch: number = stretchMm ?? 0;
  const beyond = Math.max(0, stretch - hand.comfortableMm);
  return Math.round(stretch * sizes.openMm + beyond * sizes.stretchMm);
}

/** High frets, open and skipped strings. */
export function lieOnStrings({ notes }: Voicing, sizes: LieSizes): number {
  // Asked of every grip there is, so nothing is made on the way.
  let [open, highestFret, lowString, highString] = [0, 0, 0, Infinity];
  for (const { fret = 0, string = 0 } of notes) {
    if (fret === 0) open += 1;
    else highestFret = Math.max(highestFret, fret);
    lowString = Math.max(lowString, string);
    highString = Math.min(highString, string);
  }
  const pastBody = Math.max(0, highestFret - BODY_FRET);
  const skipped = notes.length ? lowString - highString + 1 - notes.length : 0;
  return pastBody * sizes.fretPastBody + open * sizes.openString + skipped * sizes.skippedString;
}
