/**
 * Which fingers can lie flat, and on what. The index lies across the lowest fret; ring or little finger across strings
 * next to each other. Source: common practice.
 */
import type { FretPlace } from './geometry';

/** The first of the fingers that can lie flat beside the index: ring and little finger. */
export const UPPER_BARRE = 3;
/** Strings that an upper barre covers at most. */
const WIDEST_UPPER_BARRE = 4;

/** What one finger does: it presses a place, or several at one fret. */
export interface Press {
  readonly places: readonly FretPlace[];
  readonly fret: number;
  /** The first finger that can. */
  readonly from: number;
  /** Strings under it that do not sound. */
  readonly silent: number;
}

/**
 * What the index covers at the lowest fret, from the lowest string there: as far as every string is pressed there or
 * higher, and farther over silent strings. It would stop an open string beyond it too. Fingers at one fret run from
 * the low strings up, so no other finger is beside it on a lower string.
 */
export function indexBarres(
  fretted: readonly FretPlace[],
  sounding: readonly FretPlace[],
): Press[] {
  const [{ fret, stringIndex: start }] = fretted as [FretPlace];
  if (sounding.some((place) => place.fret === 0 && place.stringIndex > start)) return [];
  const wide = fretted.filter((place) => place.fret === fret);
  const silentUnder = (places: readonly FretPlace[]): number => {
    const end = places.at(-1)!.stringIndex;
    const pressed = fretted.filter(({ stringIndex: at }) => at >= start && at <= end);
    return end - start + 1 - pressed.length;
  };
  const close = wide.filter((_, at) => silentUnder(wide.slice(0, at + 1)) === 0);
  return (close.length < wide.length ? [close, wide] : [close])
    .filter((places) => places.length > 1)
    .map((places) => ({ places, fret, from: 1, silent: silentUnder(places) }));
}

/** Runs of places at one fret, on strings next to each other, that a flat ring or little finger covers. */
export function upperBarres(
  fretted: readonly FretPlace[],
  sounding: readonly FretPlace[],
): FretPlace[][] {
  const lowest = fretted[0]!.fret;
  const barres: FretPlace[][] = [];
  for (const first of fretted) {
    // A finger that lies flat would stop what sounds lower on the strings beyond it.
    const reachesOver = sounding.some(
      ({ fret, stringIndex }) => stringIndex > first.stringIndex && fret < first.fret,
    );
    if (reachesOver) continue;
    const run = [first];
    while (run.length < WIDEST_UPPER_BARRE) {
      const next = fretted.find(
        ({ fret, stringIndex }) =>
          fret === first.fret && stringIndex === run.at(-1)!.stringIndex + 1,
      );
      if (!next) break;
      run.push(next);
      if (first.fret > lowest || liesBesideMiddle(run, fretted)) barres.push([...run]);
    }
  }
  return barres;
}

/**
 * Whether all a flat finger at the lowest fret has beside it there is one place on a lower string, for the middle
 * finger, and nothing above it but on the strings beyond.
 */
function liesBesideMiddle(run: readonly FretPlace[], fretted: readonly FretPlace[]): boolean {
  const { fret, stringIndex: end } = run.at(-1)!;
  const others = fretted.filter((place) => !run.includes(place));
  const beside = others.filter((place) => place.fret === fret);
  return (
    beside.length === 1 &&
    beside[0]!.stringIndex < end &&
    others.every((place) => place.fret === fret || place.stringIndex > end)
  );
}
