import {
  analyzeChart,
  parseMeter,
  readWritten,
  transposeChart,
  type Chart,
  type ChartAnalysis,
  type ChartProblem,
  type School,
} from '@drop-close/core';
import type { ChartRequest } from './protocol';

/** A chart as it was read, in the key of its tune, and what it is made of. */
export interface Reading {
  /** As it was typed. */
  readonly chart: Chart;
  readonly problems: readonly ChartProblem[];
  /** In the tune's key where it names none itself. */
  readonly inKey: Chart;
  /** Analysed when it is first asked for. @param school by function when left out */
  readonly analysis: (school?: School, writtenAbove?: number) => ChartAnalysis;
}

/** Reads each chart once and analyses it once, for whoever asks. */
export function createReader(): (request: ChartRequest) => Reading {
  let last: { readonly request: ChartRequest; readonly reading: Reading } | undefined;
  return (request) => {
    if (!last || !sameChart(last.request, request)) {
      last = { request, reading: read(request) };
    }
    return last.reading;
  };
}

const sameChart = (a: ChartRequest, b: ChartRequest): boolean =>
  a.text === b.text &&
  a.meter === b.meter &&
  a.key === b.key &&
  // What crosses to the worker is a copy each time.
  JSON.stringify(a.places) === JSON.stringify(b.places);

function read({ text, places, meter, key }: ChartRequest): Reading {
  const { chart, problems } = readWritten({ text, places }, parseMeter(meter));
  const inKey = { ...chart, header: { key, ...chart.header } };
  const analyses = new Map<string, ChartAnalysis>();
  return {
    chart,
    problems,
    inKey,
    analysis: (school = 'by function', writtenAbove = 0) => {
      const name = `${school} ${writtenAbove}`;
      const known = analyses.get(name);
      if (known) return known;
      const made = analyzeChart(transposeChart(inKey, writtenAbove), { school });
      analyses.set(name, made);
      return made;
    },
  };
}
