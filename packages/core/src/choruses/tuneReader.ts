import { analyzeChart } from '../analysis/analyzeChart';
import { transposeChart } from '../analysis/transposeChart';
import type { ChartAnalysis, School } from '../analysis/base/types';
import { chorusOf, type Chorus } from '../arrangement/chorus/chorus';
import type { Arrangement } from '../arrangement/stored/types';
import { parseMeter } from '../chart/meter';
import type { ChartPlaces } from '../chart/placeTypes';
import { readWritten } from '../chart/places/written';
import type { Chart, ChartProblem } from '../chart/types';

/** A tune's chart as it is stored. */
export interface TuneText {
  readonly text: string;
  readonly places: ChartPlaces;
  /** As `4/4`; the text may say otherwise. */
  readonly meter: string;
  /** As `Eb` or `Cm`; the text may say otherwise. */
  readonly key: string;
}

/** A chart as it was read, in the key of its tune, and what it is made of. */
export interface TuneReading {
  /** As it was typed. */
  readonly chart: Chart;
  readonly problems: readonly ChartProblem[];
  /** In the tune's key where it names none itself. */
  readonly inKey: Chart;
  /** Analysed when it is first asked for. @param school by function when left out */
  readonly analysis: (school?: School, writtenAbove?: number) => ChartAnalysis;
  /** The chorus with these splits; the very same one for the same splits. */
  readonly chorus: (setup: Pick<Arrangement, 'splits' | 'pools'>) => Chorus;
}

/** Reads each chart once and analyses it once, for whoever asks. */
export function createTuneReader(): (request: TuneText) => TuneReading {
  let last: { readonly request: TuneText; readonly reading: TuneReading } | undefined;
  return (request) => {
    if (!last || !sameChart(last.request, request)) {
      last = { request, reading: read(request) };
    }
    return last.reading;
  };
}

const sameChart = (a: TuneText, b: TuneText): boolean =>
  a.text === b.text &&
  a.meter === b.meter &&
  a.key === b.key &&
  // Whoever asks from another thread sends a copy each time.
  JSON.stringify(a.places) === JSON.stringify(b.places);

function read({ text, places, meter, key }: TuneText): TuneReading {
  const { chart, problems } = readWritten({ text, places }, parseMeter(meter));
  const inKey = { ...chart, header: { key, ...chart.header } };
  const analyses = new Map<string, ChartAnalysis>();
  const choruses = new Map<string, Chorus>();
  const analysis = (school: School = 'by function', writtenAbove = 0): ChartAnalysis => {
    const name = `${school} ${writtenAbove}`;
    const known =
      analyses.get(name) ?? analyzeChart(transposeChart(inKey, writtenAbove), { school });
    analyses.set(name, known);
    return known;
  };
  const chorus = ({ splits, pools }: Pick<Arrangement, 'splits' | 'pools'>): Chorus => {
    const name = JSON.stringify([splits, pools]);
    const known = choruses.get(name) ?? chorusOf(inKey, splits, analysis(), pools);
    choruses.set(name, known);
    return known;
  };
  return { chart, problems, inKey, analysis, chorus };
}
