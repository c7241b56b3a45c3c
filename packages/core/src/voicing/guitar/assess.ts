import { mm, type Millimetres } from '../../units';
import type { Ease, Guitar } from '../types';
import { fingeringOf, type Fingering } from './fingering';
import { alongNeck, fretsLeft, widestStrings, type FretPlace } from './geometry';

/** How a grip lies under one hand. */
export interface Lie {
  readonly fingering: Fingering | undefined;
  readonly stretchMm: Millimetres;
  readonly ease: Ease;
}

/** @param outOfReach also judge grips beyond the hand, which otherwise are `undefined` at once */
export type Assess = (places: readonly FretPlace[], outOfReach: boolean) => Lie | undefined;

/**
 * Judges grips for one guitar and hand; `undefined` where the skipped strings cannot be kept silent.
 * Fingerings are remembered by the pattern of the fingers, which is the same all along the neck, and
 * distances by their frets.
 */
export function assessor(guitar: Guitar): Assess {
  const fingerings = new Map<number, Fingering | undefined>();
  const frets = fretsLeft(guitar) + 1;
  const along = Array.from({ length: frets * frets }, (_, index) =>
    alongNeck(guitar, Math.floor(index / frets), index % frets),
  );
  const { limitMm } = guitar.hand;
  const fingering = (places: readonly FretPlace[], lowest: number): Fingering | undefined => {
    const pattern = patternOf(places, lowest);
    if (pattern === undefined) return fingeringOf(places);
    if (!fingerings.has(pattern)) fingerings.set(pattern, fingeringOf(places));
    return fingerings.get(pattern);
  };
  return (places, outOfReach) => {
    let [low, high] = [Infinity, 0];
    for (const { fret } of places) {
      if (fret === 0) continue;
      if (fret < low) low = fret;
      if (fret > high) high = fret;
    }
    const across = high ? widestStrings(places, low, high) * guitar.stringSpacingMm : 0;
    const stretchMm = mm(high ? Math.hypot(along[low * frets + high]!, across) : 0);
    if (stretchMm > limitMm && !outOfReach) return undefined;
    if (guitar.picking === 'pick' && !canBePicked(places)) return undefined;
    const fingers = fingering(places, low);
    const ease = easeUnder(guitar.hand, stretchMm, fingers);
    if (ease === 'out of reach' && !outOfReach) return undefined;
    return { fingering: fingers, stretchMm, ease };
  };
}

/** How a grip of this stretch, with this fingering if it has one, lies under a hand. */
export function easeUnder(
  { comfortableMm, limitMm }: Guitar['hand'],
  stretchMm: number,
  fingering: Fingering | undefined,
): Ease {
  if (!fingering || stretchMm > limitMm) return 'out of reach';
  return stretchMm <= comfortableMm ? 'easy' : 'stretch';
}

/** Frets a pattern can tell apart on one string, silence and open included. */
const SPAN = 32;
/** As many strings as fit into a whole number that counts exactly. */
const MOST_STRINGS = 8;

/** Strings and frets from the lowest fretted one as one number; `undefined` past what it can hold. */
function patternOf(places: readonly FretPlace[], lowest: number): number | undefined {
  let pattern = 0;
  for (const { stringIndex, fret } of places) {
    const offset = fret === 0 ? 1 : fret - lowest + 2;
    if (offset >= SPAN || stringIndex >= MOST_STRINGS) return undefined;
    pattern += offset * SPAN ** stringIndex;
  }
  return pattern;
}

/** With a pick at most one inner string is skipped, damped by the finger on the string below it. */
export function canBePicked(places: readonly FretPlace[]): boolean {
  const byString = [...places].sort((a, b) => a.stringIndex - b.stringIndex);
  let skipped = 0;
  for (const [index, place] of byString.entries()) {
    const below = byString[index - 1];
    const gap = below ? place.stringIndex - below.stringIndex - 1 : 0;
    if (gap > 0 && below?.fret === 0) return false;
    skipped += gap;
  }
  return skipped <= 1;
}
