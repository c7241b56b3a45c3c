import type { DeviceChord, DeviceOffer, DevicePlace, MovementDevice } from '../types';
import { inItsKey, stepFor, steppingOut, symbolOf, type Part } from '../parts';
import { moveNote } from '../../pitch/interval';
import { plainRoot } from '../../pitch/spelling';

/**
 * From a chord of the key to the next one through the chords between them: ii iii IV V, or V vi viiø I.
 * Source: common practice.
 */
export const throughKey: MovementDevice = {
  id: 'through the key',
  label: 'Step through the key',
  about: 'From this chord to the next through the chords of the key that lie between them.',
  level: 2,
  offers: (place) => {
    const ways = waysTo(place);
    return ways.flatMap(({ variant, between }) => [
      ...offer(place, variant, between, false),
      ...offer(place, `${variant}, bass notes only`, between, true),
    ]);
  },
};

interface WayThrough {
  readonly variant: string;
  readonly between: readonly string[];
}

const SEVEN = 7;
/** The chord of the key on which a flat third may follow: ii, and the steps from it up to iii. */
const TWO = 1;

function waysTo({ here, following: [next] }: DevicePlace): WayThrough[] {
  const from = inItsKey(here);
  const to = next && placeIn(here, next);
  if (!from || to === undefined || to === from.place) return [];
  const { scale, place } = from;
  const symbols = (step: 1 | -1): string[] => {
    const found: string[] = [];
    for (let at = place + step; (at + SEVEN) % SEVEN !== to; at += step) {
      found.push(symbolOf(scale[(at + 2 * SEVEN) % SEVEN]!));
    }
    return found;
  };
  const rising = symbols(1);
  const ways = [
    { variant: 'rising', between: rising },
    { variant: 'falling', between: symbols(-1) },
  ];
  const minor = here.analysis.key.endsWith('minor');
  if (place !== TWO || minor) return ways;
  const third = moveNote(scale[0]!.root, { letterSteps: 2, semitones: 3 });
  const between = [`${plainRoot(third)}m7`, ...rising];
  return [...ways, { variant: 'rising, with the flat third between', between }];
}

/** Where the next chord stands in the key of this one. */
const placeIn = ({ analysis }: DeviceChord, next: DeviceChord): number | undefined =>
  inItsKey({ ...next, analysis })?.place;

function offer(
  { here }: DevicePlace,
  variant: string,
  between: readonly string[],
  bass: boolean,
): DeviceOffer[] {
  const step = stepFor(between.length, here.length);
  if (!between.length || step === undefined) return [];
  const passing = between.map((symbol): Part =>
    bass ? { symbol, madeFrom: { kind: 'bass' } } : { symbol },
  );
  return [
    {
      device: 'through the key',
      variant,
      label: variant,
      why: `${between.join(' ')} lead from here to the next chord through the key.`,
      covers: 1,
      chords: steppingOut([{ symbol: here.chord.symbol }, ...passing], here.length, step),
    },
  ];
}
