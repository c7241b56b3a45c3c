import { fretPosition } from '../../voicing/guitar/geometry';
import type { Instrument } from '../../voicing/types';
import { once } from '../../once';
import { octavesOf } from '../place';
import type { Prices } from '../prices';
import type { ChangePlace } from '../types';
import type { Step } from './chain';
import type { Layer } from './layer';
import { pairingsOf } from './pairings';
import { remembered } from './remembered';
import { pairCosts, scan } from './scan';
import { seek } from './seek';
import { costsOfSound, type SoundChange } from './soundCosts';
import { sweepBy, type Look, type Ways } from './sweep';
import { tableOf, turnedRound, type PriceList } from './tables';

/** What changes of one kind share. */
export interface Ground {
  readonly place: ChangePlace;
  readonly prices: Prices;
  readonly voice: PriceList;
  /** Between two frets of the index finger. */
  readonly shift: (from: number, to: number) => number;
  /** Up to so many pairs of sounds all are written down and looked at; above, a search is quicker. */
  readonly mostScanned: number;
}

/** Where the two are equally quick, as measured. */
export const MOST_SCANNED = 6000;

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
  const change = once(() => soundChange(from, to, ground));
  const ways = once(() => waysBetween(from, to, ground.shift));
  const rows: (Int32Array | undefined)[] = [];
  const row = (sound: number): Int32Array => (rows[sound] ??= costsOfSound(change(), sound));
  const few = from.top.length * to.top.length <= ground.mostScanned;
  const [ahead, back] = few ? scans(from, to, ways, row) : seeks(change, ways);
  return {
    forward: remembered(sweepBy(from, to, (values) => ahead()(values))),
    backward: remembered(sweepBy(to, from, (values) => back()(values))),
    cost: (a, b) => {
      const [here, there] = [from.stanceOf[a]!, to.stanceOf[b]!];
      const { price, width } = ways();
      const way = price[from.stancePlace[here]! * width + to.stancePlace[there]!]!;
      return way + row(to.stanceSound[there]!)[from.stanceSound[here]!]!;
    },
  };
}

function soundChange(earlier: Layer, later: Layer, ground: Ground): SoundChange {
  const { place, prices, voice } = ground;
  const octaves = octavesOf(place);
  return {
    earlier,
    later,
    octaves,
    table: tableOf(earlier, later, octaves, place, voice),
    prices: { ...prices, again: place.split ? prices.again : 0 },
  };
}

function waysBetween(from: Layer, to: Layer, shift: Ground['shift']): Ways {
  const width = to.places.length;
  const price = new Int32Array(from.places.length * width);
  from.places.forEach((a, row) => {
    to.places.forEach((b, column) => {
      price[row * width + column] = shift(a, b);
    });
  });
  return { price, width };
}

/** Forward in time, and back; each made ready when first asked for. */
type BothWays = readonly [ahead: () => Look, back: () => Look];

function scans(
  from: Layer,
  to: Layer,
  ways: () => Ways,
  row: (sound: number) => Int32Array,
): BothWays {
  const costs = once(() => {
    const all = new Int32Array(from.top.length * to.top.length);
    to.top.forEach((_, sound) => {
      all.set(row(sound), sound * from.top.length);
    });
    return all;
  });
  return [
    once(() => scan(from, to, ways(), pairCosts(costs(), from.top.length))),
    once(() => {
      const turned = transposed(costs(), from.top.length);
      return scan(to, from, waysBack(ways()), pairCosts(turned, to.top.length));
    }),
  ];
}

function seeks(change: () => SoundChange, ways: () => Ways): BothWays {
  return [
    once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const field = { source: earlier, target: later, ways: ways(), table, prices };
      return seek(field, pairingsOf(earlier, later, octaves, prices));
    }),
    once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const turned = turnedRound(table, earlier, later, octaves);
      const field = {
        source: later,
        target: earlier,
        ways: waysBack(ways()),
        table: turned,
        prices,
      };
      return seek(field, pairingsOf(later, earlier, octaves, prices));
    }),
  ];
}

const waysBack = ({ price, width }: Ways): Ways => ({
  price: transposed(price, width),
  width: price.length / width,
});

/** Rows of so many as columns. */
function transposed(rows: Int32Array, width: number): Int32Array {
  const height = rows.length / width;
  const columns = new Int32Array(rows.length);
  for (let row = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1) {
      columns[column * height + row] = rows[row * width + column]!;
    }
  }
  return columns;
}
