/**
 * Which finger presses what. One hand has four; a finger presses one place, or lies across strings as a
 * barre. Every way to lay barres is gone through, fingers are given in order, and the ways are ranked by how far
 * each finger is from its own fret. Source: common practice.
 */
import { indexBarres, UPPER_BARRE, upperBarres, type Press } from './barres';
import type { FretPlace } from './geometry';

const FINGERS = 4;

export interface Fingering {
  /** One finger (1 = index .. 4) for each place, 0 for an open string; order of the places kept. */
  readonly fingers: readonly number[];
  /** True when a finger lies across strings. */
  readonly barre: boolean;
  /** How far the fingers are from one fret a finger, and what barres cost; small is natural. */
  readonly strain: number;
}

/**
 * What is unnatural, by how much: fingers next to each other that are further apart than a fret a finger, for
 * each fret; nearer, for each fret; and a barre of two with other strings between, which two fingers do as well.
 * From three on, for two strings side by side, and above a bass held by another finger (C7b9, `x3232x`), a barre is
 * the way. Source: our own judgement of common practice.
 */
const SPREAD = 3;
const BUNCHED = 1;
const BARRE_OF_TWO_APART = 1;
/** Ring and little finger lie flat less willingly than the index. */
const UPPER_BARRE_OF_TWO = 2;
/** A string under the index that must not sound, which a hand keeps from sounding with care. */
const SILENT_UNDER_BARRE = 4;

/** The most natural fingering of `fingeringsOf`; `undefined` when four fingers do not do. */
export function fingeringOf(places: readonly FretPlace[]): Fingering | undefined {
  const [first, ...others] = allAssigned(places);
  if (!first) return undefined;
  const best = others.reduce((best, each) => (each.strain < best.strain ? each : best), first);
  return fingeringFor(places, best);
}

/**
 * Plausible fingerings, the natural one first: with single fingers and with what barres can be laid. The
 * index is on the lowest fret, fingers in the order of the frets and, on one fret, from the low strings up, none
 * crossed. At the lowest fret the index may lie across strings where none from there on is open. Ring or
 * little finger may lie across two to four strings next to each other, where no string beyond them, on the treble
 * side, sounds at a lower fret; at the lowest fret only beside a middle finger, as in `5x555x`. None when four fingers do
 * not do.
 */
export const fingeringsOf = (places: readonly FretPlace[]): Fingering[] =>
  allAssigned(places)
    .sort((a, b) => a.strain - b.strain)
    .map((each) => fingeringFor(places, each));

function allAssigned(places: readonly FretPlace[]): Assigned[] {
  const sounding = [...places].sort((a, b) => a.fret - b.fret || a.stringIndex - b.stringIndex);
  return layouts(sounding).flatMap((presses) => assigned(presses, aloneAtNut(sounding)) ?? []);
}

/**
 * The finger of the one place that is pressed among open strings, in first position a finger a fret: C on a ukulele,
 * 0003, is the ring finger's. Higher up and beside others it is as everywhere.
 */
function aloneAtNut(sounding: readonly FretPlace[]): number | undefined {
  const [fret, another] = sounding.flatMap((place) => (place.fret > 0 ? [place.fret] : []));
  const isOpen = sounding.some((place) => place.fret === 0);
  return isOpen && another === undefined && fret !== undefined && fret <= FINGERS
    ? fret
    : undefined;
}

const fingeringFor = (
  places: readonly FretPlace[],
  { presses, fingers, barre, strain }: Assigned,
): Fingering => ({
  fingers: places.map((place) => {
    const press = presses.findIndex((each) => each.places.includes(place));
    return press < 0 ? 0 : fingers[press]!;
  }),
  barre,
  strain,
});

/**
 * Every choice of barres, none first; presses in the order of fingers.
 * @param sounding by fret, then string; open ones first
 */
function layouts(sounding: readonly FretPlace[]): Press[][] {
  const fretted = sounding.filter(({ fret }) => fret > 0);
  const [lowest] = fretted;
  if (!lowest) return [[]];
  const lower: (Press | undefined)[] = [undefined, ...indexBarres(fretted, sounding)];
  const upper: (readonly FretPlace[])[] = [[], ...upperBarres(fretted, sounding)];
  return lower.flatMap((below) =>
    upper
      .filter((above) => !above.some((place) => below?.places.includes(place)))
      .map((above) => [
        ...(below ? [below] : []),
        ...pressesOf(fretted, below?.places ?? [], above),
      ]),
  );
}

/** An upper barre, if any, and single presses of what neither it nor the index covers, by fret and string. */
function pressesOf(
  fretted: readonly FretPlace[],
  covered: readonly FretPlace[],
  barre: readonly FretPlace[],
): Press[] {
  const singles = fretted
    .filter((place) => !covered.includes(place) && !barre.includes(place))
    .map((place): Press => ({ places: [place], fret: place.fret, from: 1, silent: 0 }));
  const [first] = barre;
  const flat: Press[] = first
    ? [{ places: barre, fret: first.fret, from: UPPER_BARRE, silent: 0 }]
    : [];
  return [...singles, ...flat].sort(
    (a, b) => a.fret - b.fret || a.places[0]!.stringIndex - b.places[0]!.stringIndex,
  );
}

/** A finger for each press. */
interface Assigned {
  readonly presses: readonly Press[];
  readonly fingers: readonly number[];
  readonly barre: boolean;
  readonly strain: number;
}

/** The rising choice of fingers that lies most naturally, from a first one if that is given. */
function assigned(presses: readonly Press[], given: number | undefined): Assigned | undefined {
  const [lowest] = presses;
  if (presses.length > FINGERS) return undefined;
  // Three fingers or more at one fret leave the index free to move on.
  const alike = presses.every(({ fret, places }) => fret === lowest!.fret && places.length === 1);
  const leavesIndex = presses.length > 2 && presses.length < FINGERS && alike;
  const besideMiddle = presses[1]?.from === UPPER_BARRE && presses[1].fret === lowest?.fret;
  const first = given ?? (leavesIndex || besideMiddle ? 2 : 1);
  let best: { fingers: number[]; strain: number } | undefined;
  const visit = (fingers: number[], strain: number): void => {
    if (best && strain >= best.strain) return;
    const press = presses[fingers.length];
    if (!press) {
      best = { fingers, strain };
      return;
    }
    const before = presses[fingers.length - 1];
    const last = fingers.at(-1);
    for (
      let finger = Math.max((last ?? 0) + 1, first, press.from);
      finger <= FINGERS;
      finger += 1
    ) {
      // The index is on the lowest fret wherever it is needed.
      if (last === undefined && finger > Math.max(first, press.from)) break;
      const apart = last === undefined ? 0 : press.fret - before!.fret - (finger - last);
      visit([...fingers, finger], strain + (apart > 0 ? apart * SPREAD : -apart * BUNCHED));
    }
  };
  visit([], 0);
  if (!best) return undefined;
  const { fingers, strain } = best;
  const barres = presses.filter(({ places }) => places.length > 1);
  const flat = barres.reduce((sum, barre) => sum + costOfBarre(barre, presses), 0);
  return {
    presses,
    fingers,
    barre: barres.length > 0,
    strain: strain + flat,
  };
}

/** What a barre costs beside single fingers. */
function costOfBarre({ places, from, silent }: Press, presses: readonly Press[]): number {
  const [first, second, third] = places;
  if (third) return silent * SILENT_UNDER_BARRE;
  if (from === UPPER_BARRE) return UPPER_BARRE_OF_TWO;
  const areNeighbours = second!.stringIndex === first!.stringIndex + 1;
  const isOverBass = presses.some((press) => press.places[0]!.stringIndex < first!.stringIndex);
  return silent * SILENT_UNDER_BARRE + (areNeighbours || isOverBass ? 0 : BARRE_OF_TWO_APART);
}
