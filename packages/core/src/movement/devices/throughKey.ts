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
  group: 'the whole grip',
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
  readonly between: readonly Passing[];
}

const SEVEN = 7;
/** The chord of the key on which a flat third may follow: ii, and the steps from it up to iii. */
const TWO = 1;
/** V of natural minor is minor: its third is of the scale. */
const FIVE = 4;

function waysTo(place: DevicePlace): WayThrough[] {
  const {
    here,
    following: [next],
  } = place;
  const from = inItsKey(here);
  const to = next && placeIn(here, next);
  if (!from || to === undefined || to === from.place) return [];
  const key = { ...from, minor: here.analysis.key.endsWith('minor'), triads: isTriad(here) };
  const first = has(here.chord, '6') ? symbolOf(key.scale[key.place]!) : here.chord.symbol;
  const rising = stepsTo(to, key, 1);
  const ways: readonly (readonly [string, readonly Passing[]])[] = [
    ['rising', rising],
    ['falling', stepsTo(to, key, -1)],
    ...(key.place === TWO && !key.minor && !key.triads
      ? [['rising, with the flat third between', overFlatThird(key, rising)] as const]
      : []),
  ];
  return ways.map(([variant, between]) => ({ variant, first, between }));
}

interface PlaceInKey {
  readonly scale: readonly DiatonicChord[];
  readonly place: number;
  readonly minor: boolean;
  readonly triads: boolean;
}

const isTriad = ({ chord }: DevicePlace['here']): boolean =>
  !chord.tones.some(({ degree }) => /[67]/.test(degree));

/** The chords between one place of a key and another, each a step of the scale further. */
function stepsTo(
  to: number,
  { scale, place, minor, triads }: PlaceInKey,
  direction: 1 | -1,
): Passing[] {
  const pitches = pitchesOf(scale);
  const found: Passing[] = [];
  for (let by = direction; (place + by + SEVEN) % SEVEN !== to; by += direction) {
    const position = (place + by + SEVEN) % SEVEN;
    const { root, seventh, triad } = scale[position]!;
    const natural = minor && position === FIVE;
    const ending = triads ? (natural ? 'm' : triad) : natural ? 'm7' : seventh;
    const steps = { scale: pitches, by };
    found.push({ symbol: `${root}${ending}`, madeFrom: { kind: 'step', from: 0, steps } });
  }
  return found;
}

/** From ii to iii by half steps, the one shape: a step of the scale may be no more than a half step. */
function overFlatThird({ scale }: PlaceInKey, [iii, ...further]: readonly Passing[]): Passing[] {
  const third = plainRoot(moveNote(scale[0]!.root, { letterSteps: 2, semitones: 3 }));
  const minors = [`${third}m7`, ...(iii ? [iii.symbol] : [])];
  return [
    ...minors.map((symbol): Passing => ({
      symbol,
      madeFrom: { kind: 'slide', of: 'before', by: 1 },
    })),
    ...further,
  ];
}

const pitchesOf = (scale: readonly DiatonicChord[]): PitchClass[] =>
  scale.map(({ semitones }) => pitchClass(pitchClassOf(scale[0]!.root) + semitones));

/** Where the next chord stands in the key of this one. */
const placeIn = ({ analysis }: DeviceChord, next: DeviceChord): number | undefined =>
  inItsKey({ ...next, analysis })?.place;

function offer(place: DevicePlace, way: WayThrough, bass: boolean): DeviceOffer[] {
  const { here } = place;
  const { variant, first, between } = way;
  const step = stepFor(between.length, here.length);
  if (!between.length || step === undefined) return [];
  const line = bass ? bassLine(place, way) : undefined;
  if (bass && !line) return [];
  const steps = between.flatMap(({ madeFrom }) =>
    madeFrom.kind === 'step' ? [madeFrom.steps] : [],
  );
  const anchor: Part = line
    ? { symbol: here.chord.symbol, bottoms: [line.from] }
    : { symbol: first, steps };
  const passing = between.map(({ symbol, madeFrom }, at): Part =>
    line
      ? { symbol, madeFrom: { kind: 'notes', midis: [line.between[at]!] } }
      : { symbol, madeFrom },
  );
  const named = line ? `${variant}, bass notes only` : variant;
  return [
    {
      device: 'through the key',
      variant: named,
      label: named,
      why: `${between.map(({ symbol }) => symbol).join(' ')} lead from here to the next chord through the key.`,
      covers: 1,
      chords: steppingOut([anchor, ...passing], here.length, step),
      ...(line && { leadsInto: { bottoms: [line.to] } }),
    },
  ];
}

interface BassLine {
  readonly from: number;
  readonly between: readonly number[];
  readonly to: number;
}

/** From the root of one chord to the root of the next, step by step one way, as low in the register as it goes. */
function bassLine(
  { here, following: [next], window }: DevicePlace,
  { variant, between }: WayThrough,
): BassLine | undefined {
  if (next?.chord.kind !== 'chord' || here.chord.bass || next.chord.bass) return undefined;
  const roots = between.map(({ symbol }) => /^[A-G][b#]*/.exec(symbol)![0]);
  const rising = variant.startsWith('rising');
  const classes = [here.chord.root, ...roots, next.chord.root].map(pitchClassOf);
  const line = classes.slice(1).reduce<number[]>(
    (pitches, each) => {
      const last = pitches.at(-1)!;
      return [...pitches, rising ? last + pitchClass(each - last) : last - pitchClass(last - each)];
    },
    [window.low + pitchClass(classes[0]! - window.low)],
  );
  // A line that falls begins an octave higher where it would leave the register.
  const up = Math.min(...line) < window.low ? 12 : 0;
  const placed = line.map((pitch) => pitch + up);
  return { from: placed[0]!, between: placed.slice(1, -1), to: placed.at(-1)! };
}
