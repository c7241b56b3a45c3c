/**
 * Where on the neck a line is played: one note at a time, a finger a fret, the hand moved as little as can be and
 * strings crossed as little as can be. Found exactly, note by note, over every place of the hand. Source: common
 * practice; the weights are our own judgement.
 */
import { fretsLeft, openPitches } from '../../voicing/strings/geometry';
import type { Fretted } from '../../voicing/base/types';

export interface FingeredNote {
  /** 1 the highest. */
  readonly string: number;
  readonly fret: number;
  /** 1 index … 4 little finger; 0 for an open string. */
  readonly finger: number;
}

/** Frets that lie under the hand at once, a finger each. */
const SPAN = 4;
const COSTS = { shiftFret: 2, start: 0.05, string: 0.3, open: 0.5 } as const;

interface Place extends FingeredNote {
  /** The fret of the index finger. */
  readonly position: number;
}

/**
 * @param pitches MIDI notes in the order in which they are played
 * @param from the fret of the index finger before the first note; as low as may be when left out
 * @returns one place for each note, or `undefined` where the neck does not have one of them
 */
export function fingerLine(
  pitches: readonly number[],
  instrument: Fretted,
  from?: number,
): FingeredNote[] | undefined {
  const columns = pitches.map((pitch) => placesOf(pitch, instrument));
  if (columns.some((places) => !places.length)) return undefined;
  let best: { readonly cost: number; readonly path: readonly Place[] }[] =
    columns[0]?.map((place) => ({ cost: startCost(place, from), path: [place] })) ?? [];
  for (const places of columns.slice(1)) {
    best = places.map((place) =>
      best
        .map(({ cost, path }) => ({
          cost: cost + changeCost(path.at(-1)!, place),
          path: [...path, place],
        }))
        .reduce((least, each) => (each.cost < least.cost ? each : least)),
    );
  }
  const least = best.reduce<(typeof best)[number] | undefined>(
    (found, each) => (found && found.cost <= each.cost ? found : each),
    undefined,
  );
  return least?.path.map(({ string, fret, finger }) => ({ string, fret, finger })) ?? [];
}

/** Every string, fret and place of the hand for a pitch. */
function placesOf(pitch: number, instrument: Fretted): Place[] {
  const strings = openPitches(instrument);
  const frets = fretsLeft(instrument);
  const positions = Array.from({ length: Math.max(1, frets - SPAN + 1) }, (_, at) => at + 1);
  return strings.flatMap((open, index) => {
    const string = strings.length - index;
    const fret = pitch - open;
    if (fret < 0 || fret > frets) return [];
    if (fret === 0) return positions.map((position) => ({ string, fret, finger: 0, position }));
    return positions
      .filter((position) => fret >= position && fret < position + SPAN)
      .map((position) => ({ string, fret, finger: fret - position + 1, position }));
  });
}

const startCost = (place: Place, from: number | undefined): number =>
  ownCost(place) +
  (from === undefined
    ? place.position * COSTS.start
    : Math.abs(place.position - from) * COSTS.shiftFret);

const ownCost = ({ fret, position }: Place): number =>
  fret === 0 ? COSTS.open * Math.max(0, position - 2) : 0;

const changeCost = (a: Place, b: Place): number =>
  ownCost(b) +
  Math.abs(a.position - b.position) * COSTS.shiftFret +
  Math.abs(a.string - b.string) * COSTS.string;
