import { partPositions, type ChartEvent, type PutBackPlace } from '@drop-close/core';
import { useTune } from '../document/store';
import type { TuneInHand } from '../document/types';
import { eventAt, useCurrentPlace, type BarAndBeat } from '../place/selection';

export interface PlaceInHand extends PutBackPlace {
  readonly event: ChartEvent;
  /** Of the bar, in the one chorus. */
  readonly number: number;
}

/** The place a player is at. */
export const usePlaceInHand = (): PlaceInHand | undefined => placeIn(useTune(), useCurrentPlace());

/** The chord and the bar in hand by their places; on the Comp screen bars count through all choruses. */
function placeIn(
  { positions, setup }: TuneInHand,
  { bar, beat }: BarAndBeat,
): PlaceInHand | undefined {
  const { barsEach, timeline } = positions;
  const chorus = bar < 1 || !barsEach ? 0 : Math.floor((bar - 1) / barsEach);
  const number = bar - chorus * barsEach;
  const { parts } = partPositions(positions, setup.splits);
  const event = parts[eventAt(parts, { bar: number, beat })];
  const inHand = timeline.bars.find((each) => each.number === number);
  if (!event || !inHand) return undefined;
  const { place, chord } = event;
  return { chord: place, symbol: chord.symbol, bar: inHand.place, chorus, number, event };
}
