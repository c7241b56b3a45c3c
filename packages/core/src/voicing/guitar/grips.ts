import type { Millimetres } from '../../units';
import type { Ease, Guitar } from '../types';
import { fingeringOf, type Fingering } from './fingering';
import { fretPosition, stretchOf, type Place } from './geometry';

export interface Grip {
  /** One place for each pitch, in the order of the pitches. */
  readonly places: readonly Place[];
  readonly fingering: Fingering | undefined;
  readonly stretchMm: Millimetres;
  readonly ease: Ease;
}

/**
 * Every way to play the pitches at once, one to a string, whatever the order of the strings.
 * Grips whose skipped strings cannot be kept silent are left out; grips beyond the hand only when
 * `outOfReach` is false. Branches wider than the limit are cut while building.
 */
export function gripsOf(guitar: Guitar, pitches: readonly number[], outOfReach: boolean): Grip[] {
  const grips: Grip[] = [];
  const visit = (places: readonly Place[]): void => {
    if (!outOfReach && alongNeck(guitar, places) > guitar.hand.limitMm) return;
    const pitch = pitches[places.length];
    if (pitch === undefined) {
      const grip = assess(guitar, places);
      if (grip && (outOfReach || grip.ease !== 'out of reach')) grips.push(grip);
      return;
    }
    guitar.tuning.forEach((open, stringIndex) => {
      const fret = pitch - open;
      const free = places.every((place) => place.stringIndex !== stringIndex);
      if (free && fret >= 0 && fret <= guitar.frets) visit([...places, { stringIndex, fret }]);
    });
  };
  visit([]);
  return grips;
}

function alongNeck(guitar: Guitar, places: readonly Place[]): number {
  let [low, high] = [Infinity, 0];
  for (const { fret } of places) {
    if (fret === 0) continue;
    low = Math.min(low, fret);
    high = Math.max(high, fret);
  }
  if (high <= low) return 0;
  return fretPosition(guitar.scaleLengthMm, high) - fretPosition(guitar.scaleLengthMm, low);
}

function assess(guitar: Guitar, places: readonly Place[]): Grip | undefined {
  if (guitar.picking === 'pick' && !canBePicked(places)) return undefined;
  const stretchMm = stretchOf(guitar, places);
  const fingering = fingeringOf(places);
  const { comfortableMm, limitMm } = guitar.hand;
  const reaches = fingering !== undefined && stretchMm <= limitMm;
  const ease = !reaches ? 'out of reach' : stretchMm <= comfortableMm ? 'easy' : 'stretch';
  return { places, fingering, stretchMm, ease };
}

/** With a pick at most one inner string is skipped, damped by the finger on the string below it. */
function canBePicked(places: readonly Place[]): boolean {
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
