import type { FretPlace } from './geometry';

const FINGERS = 4;

export interface Fingering {
  /** One finger (1 = index .. 4) for each place, 0 for an open string; order of the places kept. */
  readonly fingers: readonly number[];
  /** True when the index finger lies across strings at the lowest fret. */
  readonly barre: boolean;
  /** How far the fingers are from one fret a finger; small is natural. */
  readonly strain: number;
}

/** A barre of two strings is a little less natural than two fingers; from three on it is the way. */
const BARRE_STRAIN = 1;

/**
 * The most natural fingering of `fingeringsOf`; `undefined` when four fingers do not do.
 */
export const fingeringOf = (places: readonly FretPlace[]): Fingering | undefined =>
  fingeringsOf(places)[0];

/**
 * Plausible fingerings, the natural one first: with single fingers and, where it can be laid, with a
 * barre. Index on the lowest fret, fingers in the order of the frets and, on one fret, from the low
 * strings up, none crossed; equal frets at the lowest fret may be barred where no string between them is open
 * or silent. None
 * when four fingers do not do.
 */
export function fingeringsOf(places: readonly FretPlace[]): Fingering[] {
  const fretted = places
    .filter((place) => place.fret > 0)
    .sort((a, b) => a.fret - b.fret || a.stringIndex - b.stringIndex);
  const barred = barrePlaces(fretted);
  return [single(fretted), barred.length > 1 ? withBarre(fretted, barred) : undefined]
    .filter((option) => option !== undefined)
    .sort((a, b) => a.strain - b.strain)
    .map(({ byPlace, barre, strain }) => ({
      fingers: places.map((place) => byPlace.get(place) ?? 0),
      barre,
      strain,
    }));
}

interface Option {
  readonly byPlace: ReadonlyMap<FretPlace, number>;
  readonly barre: boolean;
  readonly strain: number;
}

function single(fretted: readonly FretPlace[]): Option | undefined {
  const assigned = assign(fretted, 1, fretted[0]?.fret ?? 0);
  return assigned && { byPlace: assigned.byPlace, barre: false, strain: assigned.strain };
}

function withBarre(
  fretted: readonly FretPlace[],
  barred: readonly FretPlace[],
): Option | undefined {
  const rest = fretted.filter((place) => !barred.includes(place));
  const assigned = assign(rest, 2, fretted[0]?.fret ?? 0);
  if (!assigned) return undefined;
  const byPlace = new Map([...assigned.byPlace, ...barred.map((place) => [place, 1] as const)]);
  const strain = assigned.strain + (barred.length > 2 ? 0 : BARRE_STRAIN);
  return { byPlace, barre: true, strain };
}

/**
 * The places at the lowest fret that one finger covers: the most there are from one string to another with
 * every string between pressed there or higher, none open and none silent. Of equals the lowest.
 */
function barrePlaces(fretted: readonly FretPlace[]): FretPlace[] {
  const lowest = fretted.filter(({ fret }) => fret === fretted[0]?.fret);
  const pressed = new Set(fretted.map(({ stringIndex }) => stringIndex));
  const covers = (from: number, to: number): boolean => {
    for (let string = from; string <= to; string += 1) if (!pressed.has(string)) return false;
    return true;
  };
  let best: FretPlace[] = [];
  lowest.forEach((first, from) => {
    lowest.slice(from).forEach((last, length) => {
      const run = lowest.slice(from, from + length + 1);
      if (run.length > best.length && covers(first.stringIndex, last.stringIndex)) best = run;
    });
  });
  return best;
}

/** The rising choice of fingers from `first` on that lies nearest to one fret a finger. */
function assign(
  places: readonly FretPlace[],
  first: number,
  indexFret: number,
): { byPlace: Map<FretPlace, number>; strain: number } | undefined {
  let best: { fingers: number[]; strain: number } | undefined;
  const visit = (fingers: number[], strain: number): void => {
    if (best && strain >= best.strain) return;
    const place = places[fingers.length];
    if (!place) {
      best = { fingers, strain };
      return;
    }
    for (let finger = (fingers.at(-1) ?? first - 1) + 1; finger <= FINGERS; finger += 1) {
      visit([...fingers, finger], strain + Math.abs(finger - 1 - (place.fret - indexFret)));
    }
  };
  visit([], 0);
  if (!best) return undefined;
  const { fingers, strain } = best;
  return { byPlace: new Map(places.map((place, index) => [place, fingers[index] ?? 0])), strain };
}
