import { mm, type Millimetres } from '../../base/units';
import type { Ease, Fretted } from '../base/types';
import { fingeringOf } from './fingering';
import { alongNeck, fretsLeft, widestStrings, type FretPlace } from './geometry';

/** How a grip lies under one hand. */
export interface Lie {
  /** The finger on each string, 0 = open; `undefined` where four fingers do not do. */
  readonly fingerOn: readonly number[] | undefined;
  readonly stretchMm: Millimetres;
  readonly ease: Ease;
}

/** @param outOfReach also judge grips beyond the hand, which otherwise are `undefined` at once */
export type Assess = (places: readonly FretPlace[], outOfReach: boolean) => Lie | undefined;

/**
 * Judges grips for one neck and hand; `undefined` where the skipped strings cannot be kept silent.
 * Fingers are remembered by their pattern, which but for open strings is the same all along the neck, and distances
 * by their frets.
 */
export function assessor(neck: Fretted): Assess {
  const known = new Map<number, Lie['fingerOn']>();
  const frets = fretsLeft(neck) + 1;
  const along = Array.from({ length: frets * frets }, (_, index) =>
    alongNeck(neck, Math.floor(index / frets), index % frets),
  );
  const { limitMm } = neck.hand;
  const fingersOf = (places: readonly FretPlace[], lowest: number): Lie['fingerOn'] => {
    const pattern = patternOf(places, lowest);
    if (pattern === undefined) return byString(places);
    if (!known.has(pattern)) known.set(pattern, byString(places));
    return known.get(pattern);
  };
  return (places, outOfReach) => {
    let [low, high] = [Infinity, 0];
    for (const { fret } of places) {
      if (fret === 0) continue;
      if (fret < low) low = fret;
      if (fret > high) high = fret;
    }
    const across = high ? widestStrings(places, low, high) * neck.stringSpacingMm : 0;
    const stretchMm = mm(high ? Math.hypot(along[low * frets + high]!, across) : 0);
    if (stretchMm > limitMm && !outOfReach) return undefined;
    if (neck.picking === 'pick' && !canBePicked(places)) return undefined;
    const fingerOn = fingersOf(places, low);
    const ease = easeUnder(neck.hand, stretchMm, fingerOn !== undefined);
    if (ease === 'out of reach' && !outOfReach) return undefined;
    return { fingerOn, stretchMm, ease };
  };
}

/** By string, because one pattern of the fingers can have its notes in another order of pitch elsewhere. */
function byString(places: readonly FretPlace[]): Lie['fingerOn'] {
  const fingering = fingeringOf(places);
  if (!fingering) return undefined;
  const fingers: number[] = [];
  places.forEach(({ stringIndex }, voice) => {
    fingers[stringIndex] = fingering.fingers[voice]!;
  });
  return fingers;
}

/** How a grip of this stretch lies under a hand. */
export function easeUnder(
  { comfortableMm, limitMm }: Fretted['hand'],
  stretchMm: number,
  fourFingersDo: boolean,
): Ease {
  if (!fourFingersDo || stretchMm > limitMm) return 'out of reach';
  return stretchMm <= comfortableMm ? 'easy' : 'stretch';
}

/** Frets a pattern can tell apart on one string, silence and open included. */
const SPAN = 32;
/** As many strings as fit into a whole number that counts exactly. */
const MOST_STRINGS = 8;
/** Where a finger belongs to a fret. */
const FRETS_AT_NUT = 4;

/**
 * Strings and frets from the lowest fretted one as one number, with that fret where it lies at the nut beside open
 * strings; `undefined` past what it can hold.
 */
function patternOf(places: readonly FretPlace[], lowest: number): number | undefined {
  const isAtNut = lowest <= FRETS_AT_NUT && places.some(({ fret }) => fret === 0);
  let pattern = isAtNut ? lowest * SPAN ** MOST_STRINGS : 0;
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
