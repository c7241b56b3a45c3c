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
import { costsOfPairs, costsOfSound, type SoundChange } from './soundCosts';
import { sweepBy, type LeastByTarget, type HandMoves } from './sweep';
import type { PriceList } from './priceList';
import { tableOf, turnedRound } from './tables';

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
  const width = stands.length;
  const known = Int32Array.from({ length: width * width }, (_, at) => {
    const [a, b] = [Math.floor(at / width), at % width];
    return a && b ? prices.shift(stands[a]!, stands[b]!) : 0;
  });
  return width ? (a, b) => known[a * width + b]! : () => 0;
}

/** The change between two layers, to be asked in either direction. */
export function stepBetween(from: Layer, to: Layer, context: ChangeContext): Step {
  const change = once(() => soundChange(from, to, context));
  const handMoves = once(() => handMovesBetween(from, to, context.shift));
  const few = from.top.length * to.top.length <= context.mostScanned;
  const { ahead, back, soundCost } = few ? scans(change, handMoves) : searches(change, handMoves);
  return {
    forward: remembered(sweepBy(from, to, (values) => ahead()(values))),
    backward: remembered(sweepBy(to, from, (values) => back()(values))),
    cost: (a, b) => {
      const [here, there] = [from.stanceOf[a]!, to.stanceOf[b]!];
      const { price, width } = handMoves();
      const way = price[from.stancePlace[here]! * width + to.stancePlace[there]!]!;
      return way + soundCost(from.stanceSound[here]!, to.stanceSound[there]!);
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

/** A change looked at forward in time, and back; each made ready when first asked for. */
interface Looks {
  readonly ahead: () => LeastByTarget;
  readonly back: () => LeastByTarget;
  /** Of two sounds, the way along the neck aside. */
  readonly soundCost: (earlier: number, later: number) => number;
}

function scans(change: () => SoundChange, handMoves: () => HandMoves): Looks {
  const costs = once(() => costsOfPairs(change()));
  const width = (): number => change().earlier.top.length;
  return {
    ahead: once(() => {
      const { earlier, later } = change();
      return scan(earlier, later, handMoves(), pairCosts(costs(), width()));
    }),
    back: once(() => {
      const { earlier, later } = change();
      const turned = pairCosts(transposed(costs(), width()), later.top.length);
      return scan(later, earlier, handMovesBack(handMoves()), turned);
    }),
    soundCost: (earlier, later) => costs()[later * width() + earlier]!,
  };
}

function searches(change: () => SoundChange, handMoves: () => HandMoves): Looks {
  const rows: (Int32Array | undefined)[] = [];
  return {
    ahead: once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const space = { source: earlier, target: later, handMoves: handMoves(), table, prices };
      const ending = table.ends ? { source: table.ends } : {};
      return search(space, pairingsOf(earlier, later, octaves, prices, ending));
    }),
    back: once(() => {
      const { earlier, later, octaves, table, prices } = change();
      const turned = turnedRound(table, earlier, later, octaves);
      const back = handMovesBack(handMoves());
      const space = { source: later, target: earlier, handMoves: back, table: turned, prices };
      const ending = table.ends ? { target: table.ends } : {};
      return search(space, pairingsOf(later, earlier, octaves, prices, ending));
    }),
    soundCost: (earlier, later) => (rows[later] ??= costsOfSound(change(), later))[earlier]!,
  };
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
