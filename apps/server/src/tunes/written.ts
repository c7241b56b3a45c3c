import {
  firstWritten,
  parseMeter,
  readWritten,
  type ChartPlaces,
  type ChartWithPlaces,
  type WrittenChart,
} from '@drop-close/core';

/** What of a tune its identities hang on; tunes from before there were any have none. */
export interface WrittenTune {
  readonly text: string;
  readonly meter: string;
  readonly key: string;
  readonly places: ChartPlaces | null;
}

/** The text of a stored tune with its identities. */
export const writtenChartOf = ({ text, meter, places }: WrittenTune): WrittenChart =>
  places ? { text, places } : firstWritten(text, parseMeter(meter));

/** The chart of a stored tune, in its key, with its identities. */
export function writtenOf(tune: WrittenTune): ChartWithPlaces {
  const written = writtenChartOf(tune);
  const { chart } = readWritten(written, parseMeter(tune.meter));
  return {
    chart: { ...chart, header: { key: tune.key, ...chart.header } },
    places: written.places,
  };
}
