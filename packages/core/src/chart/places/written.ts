import { formatChart } from '../formatChart';
import { parseChart, type ParsedChart } from '../parseChart';
import type { Chart, Meter } from '../types';
import { carryPlaces, carryTyped } from './carry';
import { inTheirOrder, movedWhole } from './movedWhole';
import { freshPlaces, identify, placesFit } from './identify';
import type { ChartPlaces } from '../placeTypes';

/** The text of a chart as its player typed it, and beside it the identities of what it holds. */
export interface WrittenChart {
  readonly text: string;
  readonly places: ChartPlaces;
}

/**
 * Reads a written chart; its bars and sections carry their identities.
 * @param meter the meter when the text names none; default 4/4
 */
export function readWritten({ text, places }: WrittenChart, meter?: Meter): ParsedChart {
  const parsed = parseChart(text, meter);
  return { ...parsed, chart: identify(parsed.chart, places) };
}

/** Text that nobody has edited yet, with its first identities. */
export const firstWritten = (text: string, meter?: Meter): WrittenChart => ({
  text,
  places: freshPlaces(parseChart(text, meter).chart),
});

/**
 * The chart with its text typed or pasted over. Text that is the whole tune in another key moves it there.
 * @param seed see `carryPlaces`
 */
export function retyped(
  written: WrittenChart,
  text: string,
  seed: string,
  meter?: Meter,
): WrittenChart {
  const before = readWritten(written, meter).chart;
  const after = parseChart(text, meter).chart;
  const moved = movedWhole(before, after);
  const places = moved
    ? carryPlaces(before, inTheirOrder(before, after), written.places, seed, moved)
    : carryTyped(before, after, written.places, seed);
  return { text, places };
}

/** An edit of a chart, and what is told of it. */
export interface ChartEdit {
  readonly edit: (chart: Chart) => Chart;
  /** How many semitones it transposes; 0 when left out. */
  readonly moved?: number;
}

/**
 * The chart after an edit made on its bars, which take their identities along.
 * @param seed see `carryPlaces`
 */
export function edited(
  written: WrittenChart,
  { edit, moved = 0 }: ChartEdit,
  seed: string,
  meter?: Meter,
): WrittenChart {
  const before = readWritten(written, meter).chart;
  const after = edit(before);
  if (after === before) return written;
  const text = formatChart(after);
  const places = carryPlaces(before, after, written.places, seed, moved);
  const unchanged =
    text === written.text && JSON.stringify(places) === JSON.stringify(written.places);
  if (unchanged) return written;
  // A text that reads otherwise than it was laid out, as with a bar too many, is found again by its bars.
  const read = parseChart(text, meter).chart;
  return {
    text,
    places: placesFit(read, places) ? places : carryTyped(before, read, places, seed),
  };
}
