import { fretsLeft, openPitches, stretchOf, type FretPlace } from './geometry';
import type { Fretted } from '../base/types';

/**
 * The narrowest way to lay pitches on strings of their own; of equals the one nearest to the nut.
 * `undefined` where there is none, as for notes that only one string has. Strings count from 1 = highest.
 */
export function layOnStrings(
  neck: Fretted,
  pitches: readonly number[],
): { readonly string: number; readonly fret: number }[] | undefined {
  const open = openPitches(neck);
  const frets = fretsLeft(neck);
  let best: { places: FretPlace[]; stretch: number; fret: number } | undefined;
  const places: FretPlace[] = [];
  const visit = (): void => {
    const pitch = pitches[places.length];
    if (pitch === undefined) {
      const stretch = stretchOf(neck, places);
      const fret = Math.max(...places.map((place) => place.fret));
      const better =
        !best || stretch < best.stretch || (stretch === best.stretch && fret < best.fret);
      if (better) best = { places: [...places], stretch, fret };
      return;
    }
    open.forEach((sounds, stringIndex) => {
      const fret = pitch - sounds;
      const taken = places.some((place) => place.stringIndex === stringIndex);
      if (taken || fret < 0 || fret > frets) return;
      places.push({ stringIndex, fret });
      visit();
      places.pop();
    });
  };
  visit();
  return best?.places.map(({ stringIndex, fret }) => ({ string: open.length - stringIndex, fret }));
}
