import type { DiatonicChord } from '../../analysis/diatonic';
import { pitchClass, type PitchClass } from '../../base/units';
import { moveNote } from '../../pitch/interval';
import { pitchClassOf, plainRoot } from '../../pitch/spelling';
import type { DeviceChord, DeviceOffer, DevicePlace, MadeFrom, MovementDevice } from '../types';
import { has } from '../kinds';
import { inItsKey, stepFor, steppingOut, symbolOf, type Part } from '../parts';

/**
 * From a chord of the key to the next one through the chords between them: ii iii IV V, or V vi viiø I. One form is
 * carried along the scale, every voice a step at a time. Source: common practice.
 */
export const throughKey: MovementDevice = {
  id: 'through the key',
  label: 'Step through the key',
  about: 'From this chord to the next through the chords of the key that lie between them.',
  level: 2,
  offers: (place) => {
    const ways = waysTo(place);
    return ways.flatMap((way) => [...offer(place, way, false), ...offer(place, way, true)]);
  },
};

interface Passing {
  readonly symbol: string;
  /** How the grip comes about from that of the first chord. */
  readonly madeFrom: MadeFrom;
}

interface WayThrough {
  readonly variant: string;
  /** How the first chord is called: a sixth chord goes as the seventh of its place. */
  readonly first: string;
  readonly scale: readonly PitchClass[];
  readonly between: readonly Passing[];
}

const SEVEN = 7;
/** The chord of the key on which a flat third may follow: ii, and the steps from it up to iii. */
const TWO = 1;
/** V of natural minor is minor: its third is of the scale. */
const FIVE = 4;

function waysTo({ here, following: [next] }: DevicePlace): WayThrough[] {
  const from = inItsKey(here);
  const to = next && placeIn(here, next);
  if (!from || to === undefined || to === from.place) return [];
  const { scale, place } = from;
  const minor = here.analysis.key.endsWith('minor');
  const triads = !here.chord.tones.some(({ degree }) => /[67]/.test(degree));
  const symbol = (at: number): string => {
    const position = (at + 2 * SEVEN) % SEVEN;
    const chord = scale[position]!;
    const ending = minor && position === FIVE ? 'm7' : chord.seventh;
    return `${chord.root}${triads ? (minor && position === FIVE ? 'm' : chord.triad) : ending}`;
  };
  const pitches = pitchesOf(scale);
  const steps = (direction: 1 | -1): Passing[] => {
    const found: Passing[] = [];
    for (let by = direction; (place + by + SEVEN) % SEVEN !== to; by += direction) {
      const madeFrom: MadeFrom = { kind: 'step', from: 0, steps: { scale: pitches, by } };
      found.push({ symbol: symbol(place + by), madeFrom });
    }
    return found;
  };
  const first = has(here.chord, '6') ? symbolOf(scale[place]!) : here.chord.symbol;
  const way = (variant: string, between: readonly Passing[]): WayThrough => ({
    variant,
    first,
    scale: pitches,
    between,
  });
  const rising = steps(1);
  const ways = [way('rising', rising), way('falling', steps(-1))];
  if (place !== TWO || minor || triads) return ways;
  const third = plainRoot(moveNote(scale[0]!.root, { letterSteps: 2, semitones: 3 }));
  // From ii to iii by half steps, the one shape: a step of the scale may be no more than a half step.
  const slid: MadeFrom = { kind: 'slide', of: 'before', by: 1 };
  const [iii, ...further] = rising;
  const minors = [`${third}m7`, ...(iii ? [iii.symbol] : [])];
  const between = [
    ...minors.map((each): Passing => ({ symbol: each, madeFrom: slid })),
    ...further,
  ];
  return [...ways, way('rising, with the flat third between', between)];
}

const pitchesOf = (scale: readonly DiatonicChord[]): PitchClass[] =>
  scale.map(({ semitones }) => pitchClass(pitchClassOf(scale[0]!.root) + semitones));

/** Where the next chord stands in the key of this one. */
const placeIn = ({ analysis }: DeviceChord, next: DeviceChord): number | undefined =>
  inItsKey({ ...next, analysis })?.place;

function offer(
  { here }: DevicePlace,
  { variant, first, between }: WayThrough,
  bass: boolean,
): DeviceOffer[] {
  const step = stepFor(between.length, here.length);
  if (!between.length || step === undefined) return [];
  const passing = between.map(({ symbol, madeFrom }): Part =>
    bass ? { symbol, madeFrom: { kind: 'bass' } } : { symbol, madeFrom },
  );
  const steps = between.flatMap(({ madeFrom }) =>
    madeFrom.kind === 'step' ? [madeFrom.steps] : [],
  );
  const anchor: Part = bass ? { symbol: here.chord.symbol } : { symbol: first, steps };
  const named = bass ? `${variant}, bass notes only` : variant;
  return [
    {
      device: 'through the key',
      variant: named,
      label: named,
      why: `${between.map(({ symbol }) => symbol).join(' ')} lead from here to the next chord through the key.`,
      covers: 1,
      chords: steppingOut([anchor, ...passing], here.length, step),
    },
  ];
}
