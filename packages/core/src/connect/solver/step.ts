import { playingOf } from '../../voicing/playingOf';
import type { Instrument } from '../../voicing/base/types';
import { once } from '../../base/once';
import { octavesOf } from '../base/place';
import type { Prices } from '../terms/prices';
import type { ChangePlace } from '../base/types';
import type { Step } from './layers';
import type { Layer } from './layer';
import { pairingsOf } from './pairings';
import { remembered } from './remembered';
import { pairCosts, scan } from './scan';
import { search } from './search';
import { costsOfSound, type SoundChange } from './soundCosts';
import { sweepBy, type LeastByTarget, type HandMoves } from './sweep';
import { tableOf, turnedRound, type PriceList } from './tables';

/** What changes of one kind share. */
export interface ChangeContext {
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
export function shiftsOn(instrument: Instrument, prices: Prices): ChangeContext['shift'] {
  const stands = playingOf(instrument).positionsMm;
  if (!stands.length) return () => 0;
  return (a, b) => (a && b ? prices.shift(stands[a]!, stands[b]!) : 0);
}

/** The change between two layers, to be asked in either direction. */
export function stepBetween(from: Layer, to: Layer, context: ChangeContext): Step {
  const change = once(() => soundChange(from, to, context));
  const handMoves = once(() => handMovesBetween(from, to, context.shift));
  const rows: (Int32Array | undefined)[] = [];
  const row = (sound: number): Int32Array => (rows[sound] ??= costsOfSound(change(), sound));
  const few = from.top.length * to.top.length <= context.mostScanned;
  const [ahead, back] = few ? scans(from, to, handMoves, row) : searches(change, handMoves);
  return {
    forward: remembered(sweepBy(from, to, (values) => ahead()(values))),
    backward: remembered(sweepBy(to, from, (values) => back()(values))),
    cost: (a, b) => {
      const [here, there] = [from.stanceOf[a]!, to.stanceOf[b]!];
      const { price, width } = handMoves();
      const way = price[from.stancePlace[here]! * width + to.stancePlace[there]!]!;
      return way + row(to.stanceSound[there]!)[from.stanceSound[here]!]!;
    },
  };
}

function soundChange(earlier: Layer, later: Layer, context: ChangeContext): SoundChange {
  const { place, prices, voice } = context;
  const octaves = octavesOf(place);
  return {
    earlier,
    later,
    octaves,
    table: tableOf(earlier, later, octaves, place, voice),
    prices: { ...prices, again: place.split ? prices.again : 0 },
  };
}

function handMovesBetween(from: Layer, to: Layer, shift: ChangeContext['shift']): HandMoves {
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
type BothDirections = readonly [ahead: () => LeastByTarget, back: () => LeastByTarget];

function scans(
  from: Layer,
  to: Layer,
  handMoves: () => HandMoves,
  row: (sound: number) => Int32Array,
): BothDirections {
  const costs = once(() => {
    const all = new Int32Array(from.top.length * to.top.length);
    to.top.forEach((_, sound) => {
      all.set(row(sound), sound * from.top.length);
    });
    return all;
  });
  return [
    once(() => scan(from, to, handMoves(), pairCosts(costs(), from.top.length))),
    once(() => {
      const turned = transposed(costs(), from.top.length);
      return scan(to, from, handMovesBack(handMoves()), pairCosts(turned, to.top.length));
    }),
  ];
}

function searches(change: () => SoundChange, handMoves: () => HandMoves): BothDirections {
  return [
    once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const field = { source: earlier, target: later, handMoves: handMoves(), table, prices };
      return search(
        field,
        pairingsOf(earlier, later, octaves, prices, table.ends ? { source: table.ends } : {}),
      );
    }),
    once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const turned = turnedRound(table, earlier, later, octaves);
      const field = {
        source: later,
        target: earlier,
        handMoves: handMovesBack(handMoves()),
        table: turned,
        prices,
      };
      return search(
        field,
        pairingsOf(later, earlier, octaves, prices, table.ends ? { target: table.ends } : {}),
      );
    }),
  ];
}

const handMovesBack = ({ price, width }: HandMoves): HandMoves => ({
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
