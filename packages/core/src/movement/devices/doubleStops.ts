import { pitchClassOf } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import { inARow, type Part } from '../parts';
import type { DeviceOffer, DevicePlace, MovementDevice } from '../types';

/** Steps of the scale between the two notes of a pair. */
const PAIRS = [
  { name: 'thirds', apart: 2 },
  { name: 'sixths', apart: 5 },
] as const;
const WAYS = [
  { way: 'falling', sign: -1 },
  { way: 'rising', sign: 1 },
] as const;

/** Pairs of a run: eighths, and the last one held. */
const RUN = 5;
const EIGHTH = 0.5;
/** The shortest stretch for a run with a last pair that is held, and for a sixth that is slid into, in quarters. */
const SHORTEST_RUN = 3;
const SHORTEST_SLIDE = 2;

/**
 * Two notes at a time, in thirds or sixths along the first pool of the chord, so that the last pair tells it: C7 in
 * C Mixolydian falling: G-B♭ F-A E-G D-F C-E. Source: common practice.
 */
export const doubleStops: MovementDevice = {
  id: 'double stops',
  label: 'Double stops',
  about: 'Two notes at a time along the scale of the chord, ending on two that tell it.',
  group: 'a line',
  level: 2,
  offers: (place) => {
    const { here } = place;
    const scale = scaleOf(place);
    if (scale.length < RUN) return [];
    const runs = PAIRS.flatMap((pair) =>
      WAYS.flatMap((way) => (here.length < SHORTEST_RUN ? [] : run(place, scale, pair, way))),
    );
    return [...runs, ...(here.length < SHORTEST_SLIDE ? [] : slidInto(place, scale))];
  },
};

/** Every pitch of the register that is of the first pool of the chord. */
function scaleOf({ here, window: { low, high } }: DevicePlace): number[] {
  const pool = here.analysis.scales[0]?.notes ?? [];
  const classes = pool.map(pitchClassOf);
  return Array.from({ length: high - low + 1 }, (_, at) => low + at).filter((pitch) =>
    classes.includes(pitchClass(pitch)),
  );
}

type Pair = (typeof PAIRS)[number];

/** A pair of pitches, by where its lower note stands in the scale. */
const pairAt = (scale: readonly number[], at: number, { apart }: Pair): readonly number[] => [
  scale[at]!,
  scale[at + apart]!,
];

/** Places of the lower note where a pair is made of two chord tones, one of them a guide tone; the highest first. */
function tellingPlaces({ here }: DevicePlace, scale: readonly number[], pair: Pair): number[] {
  const { tones, guideTones } = here.chord;
  const guides = classesOf(tones.filter(({ degree }) => guideTones.includes(degree)));
  const plain = classesOf(tones.filter(({ degree }) => !/9|11|13/.test(degree)));
  return scale
    .flatMap((_, at) => (at + pair.apart < scale.length ? [at] : []))
    .filter((at) => {
      const classes = pairAt(scale, at, pair).map((pitch) => pitchClass(pitch));
      const told = classes.some((each) => guides.includes(each));
      return told && classes.every((each) => plain.includes(each));
    })
    .reverse();
}

const classesOf = (tones: readonly { readonly note: string }[]) =>
  tones.map(({ note }) => pitchClassOf(note));

function run(
  place: DevicePlace,
  scale: readonly number[],
  pair: Pair,
  { way, sign }: (typeof WAYS)[number],
): DeviceOffer[] {
  const fits = (at: number): boolean => at >= 0 && at + pair.apart < scale.length;
  const end = tellingPlaces(place, scale, pair).find((at) => fits(at - sign * (RUN - 1)));
  if (end === undefined) return [];
  const places = Array.from({ length: RUN }, (_, at) => end - sign * (RUN - 1 - at));
  const { symbol } = place.here.chord;
  const parts = places.map((at): Part => ({
    symbol,
    madeFrom: { kind: 'notes', midis: pairAt(scale, at, pair) },
  }));
  const held = place.here.length - (RUN - 1) * EIGHTH;
  const pool = place.here.analysis.scales[0]!.name;
  return [
    {
      device: 'double stops',
      variant: `${pair.name} ${way}`,
      label: `${pair.name}, ${way}`,
      why: `In ${pair.name} along ${pool}, ${way}, to two notes that tell ${symbol}.`,
      covers: 1,
      chords: inARow(parts.map((part, at) => [part, at === RUN - 1 ? held : EIGHTH])),
    },
  ];
}

/** A sixth that tells the chord, from a half step above it. */
function slidInto(place: DevicePlace, scale: readonly number[]): DeviceOffer[] {
  const [, sixths] = PAIRS;
  const at = tellingPlaces(place, scale, sixths)[0];
  if (at === undefined) return [];
  const { chord, length } = place.here;
  const target = pairAt(scale, at, sixths);
  const part = (midis: readonly number[]): Part => ({
    symbol: chord.symbol,
    madeFrom: { kind: 'notes', midis },
  });
  return [
    {
      device: 'double stops',
      variant: 'sixth from above',
      label: 'a sixth, from a half step above',
      why: `Two notes that tell ${chord.symbol}, come to from a half step above.`,
      covers: 1,
      chords: inARow([
        [part(target.map((pitch) => pitch + 1)), EIGHTH],
        [part(target), length - EIGHTH],
      ]),
    },
  ];
}
