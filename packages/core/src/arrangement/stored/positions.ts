import {
  barKey,
  chordKey,
  type BarPlace,
  type ChartPlaces,
  type ChordPlace,
} from '../../chart/placeTypes';
import { countedBars, timeline, type ChartEvent, type Timeline } from '../../chart/timeline';
import type { Chart } from '../../chart/types';
import { splitTimeline } from './splitTimeline';
import type { Split } from './types';

/** Where the places of a chart are in its chorus as it is now. */
export interface Positions {
  /** The position of a whole chord among all whole chords, from 0. */
  readonly wholeAt: (place: ChordPlace) => number | undefined;
  /** The number of a bar in the one chorus; a pickup is bar 0. */
  readonly barAt: (place: BarPlace) => number | undefined;
  /** Bars of one chorus, a pickup not counted. */
  readonly barsEach: number;
  /** Whole chords. */
  readonly whole: readonly ChartEvent[];
  readonly timeline: Timeline;
  /** How far the tune has been transposed, 0..11. */
  readonly transposed: number;
}

/** Where chords are once some of them are split; parts are counted one by one. */
export interface PartPositions {
  readonly partAt: (place: ChordPlace) => number | undefined;
  readonly parts: readonly ChartEvent[];
}

/** @param chart with its identities; see `identify` */
export function positionsIn(
  chart: Chart,
  { transposed }: Pick<ChartPlaces, 'transposed'>,
): Positions {
  const time = timeline(chart);
  const wholes = new Map(time.events.map(({ place }, at) => [chordKey(place), at]));
  const bars = new Map(time.bars.map(({ place, number }) => [barKey(place), number]));
  return {
    wholeAt: (place) => wholes.get(chordKey(place)),
    barAt: (place) => bars.get(barKey(place)),
    barsEach: countedBars(time).length,
    whole: time.events,
    timeline: time,
    transposed,
  };
}

export function partPositions(
  { timeline: time }: Positions,
  splits: readonly Split[],
): PartPositions {
  const { events } = splitTimeline(time, splits);
  const parts = new Map(events.map(({ place }, at) => [chordKey(place), at]));
  return { partAt: (place) => parts.get(chordKey(place)), parts: events };
}
