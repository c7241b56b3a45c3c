import { fretPosition } from '../../voicing/guitar/geometry';
import type { Instrument } from '../../voicing/types';
import { once } from '../../once';
import { waysToFit } from '../match';
import { IN_PLACE, octavesOf } from '../place';
import type { Prices } from '../prices';
import type { ChangePlace } from '../types';
import type { Step } from './chain';
import { entriesOf, type Entries, type EntryKind } from './entries';
import type { Layer } from './layer';
import { remembered } from './remembered';
import { sweepOver, together, type Pairing, type Sweep } from './sweep';
import { tableOf, turnedRound, type PriceList, type VoiceTable } from './tables';

/** What changes of one kind share. */
export interface Ground {
  readonly place: ChangePlace;
  readonly prices: Prices;
  readonly voice: PriceList;
  /** Between two frets of the index finger. */
  readonly shift: (from: number, to: number) => number;
}

/** Prices of shifts along the neck. An open grip stands nowhere: the hand comes from and goes anywhere. */
export function shiftsOn(instrument: Instrument, prices: Prices): Ground['shift'] {
  if (instrument.kind !== 'guitar') return () => 0;
  const { scaleLengthMm, capo, frets } = instrument;
  const stands = Array.from({ length: frets + 1 }, (_, fret) =>
    fretPosition(scaleLengthMm, capo + fret),
  );
  return (a, b) => (a && b ? prices.shift(stands[a]!, stands[b]!) : 0);
}

/** The change between two layers, to be asked in either direction. */
export function stepBetween(from: Layer, to: Layer, ground: Ground): Step {
  const octaves = octavesOf(ground.place);
  const table = once(() => tableOf(from, to, octaves, ground.place, ground.voice));
  const ahead = once(() => sweepBetween(from, to, table(), ground));
  const back = once(() => sweepBetween(to, from, turnedRound(table(), from, to, octaves), ground));
  return {
    forward: remembered((values) => sweepOver(ahead(), values)),
    backward: remembered((values) => sweepOver(back(), values)),
    cost: (a, b) => pairCost(ahead(), octaves, a, b),
  };
}

function sweepBetween(source: Layer, target: Layer, table: VoiceTable, ground: Ground): Sweep {
  const { place, prices, shift } = ground;
  return {
    source,
    target,
    pairings: pairingsOf(source, target, octavesOf(place), prices),
    table,
    prices: {
      spare: prices.spare,
      octave: prices.octave,
      block: prices.block,
      again: place.split ? prices.again : 0,
      shift: shiftsBetween(source, target, shift),
      places: target.places.length,
    },
  };
}

function shiftsBetween(source: Layer, target: Layer, shift: Ground['shift']): Int32Array {
  const columns = target.places.length;
  const shifts = new Int32Array(source.places.length * columns);
  source.places.forEach((a, row) => {
    target.places.forEach((b, column) => {
      shifts[row * columns + column] = shift(a, b);
    });
  });
  return shifts;
}

/** The cost of one pair, from the tables; the sweep goes forward. */
function pairCost(sweep: Sweep, octaves: readonly number[], a: number, b: number): number {
  const { source, target, prices } = sweep;
  const [from, to] = [source.soundOf[a]!, target.soundOf[b]!];
  const shift = prices.shift[source.placeOf[a]! * prices.places + target.placeOf[b]!]!;
  const above = source.voices.subarray(source.first[from], source.first[from + 1]);
  const below = target.voices.subarray(target.first[to], target.first[to + 1]);
  if (!above.length || !below.length) return shift;
  const spares = Math.abs(above.length - below.length);
  let least = Infinity;
  octaves.forEach((octave, block) => {
    const whole = spares ? 0 : together(sweep, from, to, octave);
    const fee = whole + spares * prices.spare + (octave ? prices.octave : 0);
    least = Math.min(least, fee + leastMatch(sweep, above, below, block));
  });
  return shift + least;
}

/** The voices of two sounds, paired so that they cost the least. */
function leastMatch({ source, table }: Sweep, a: Int32Array, b: Int32Array, block: number): number {
  const displaced = block * source.tones.length;
  const growing = a.length < b.length;
  let least = Infinity;
  for (const way of growing ? waysToFit(a.length, b.length) : waysToFit(b.length, a.length)) {
    let cost = 0;
    way.forEach((large, small) => {
      const [here, there] = growing ? [a[small]!, b[large]!] : [a[large]!, b[small]!];
      const price = small === 0 ? table.top : table.inner;
      cost += price[there * table.width + displaced + here]!;
    });
    least = Math.min(least, cost);
  }
  return least;
}

/** Every way in which sounds of the two sides have the same number of paired voices. */
function pairingsOf(
  source: Layer,
  target: Layer,
  octaves: readonly number[],
  prices: Prices,
): Pairing[] {
  const [here, there] = [source.sizes, target.sizes];
  const pairing = (size: number, a: EntryKind['from'], b: EntryKind['from']): Pairing[] => {
    const from = knownEntries(source, { size, from: a, octaves });
    const to = knownEntries(target, { size, from: b, octaves: IN_PLACE });
    if (!from || !to) return [];
    return [{ source: from, target: to, fees: feesOf(from, prices), whole: a === b }];
  };
  return [
    ...here
      .filter((size) => there.includes(size))
      .flatMap((size) => pairing(size, 'equal', 'equal')),
    ...there.flatMap((size) => pairing(size, 'larger', 'equal')),
    ...here.flatMap((size) => pairing(size, 'equal', 'larger')),
  ];
}

const feesOf = ({ spares, octave }: Entries, prices: Prices): Int32Array =>
  spares.map((count, entry) => count * prices.spare + (octave[entry] ? prices.octave : 0));

const byLayer = new WeakMap<Layer, Map<string, Entries | undefined>>();

/** A layer is asked for the same entries at every change it has part in. */
function knownEntries(layer: Layer, kind: EntryKind): Entries | undefined {
  const known = byLayer.get(layer) ?? new Map<string, Entries | undefined>();
  byLayer.set(layer, known);
  const key = `${kind.size} ${kind.from} ${kind.octaves.length}`;
  if (!known.has(key)) known.set(key, entriesOf(layer, kind));
  return known.get(key);
}
