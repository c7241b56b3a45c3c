import {
  analyzeChart,
  formOf,
  parseChart,
  parseMeter,
  type Landmark,
  type LandmarkKind,
  type ParsedChart,
} from '@drop-close/core';

/** What the book shows and finds of a tune, kept with it so that a long list is read and not analysed. */
export interface TuneSummary {
  /** Of this shape and of the analysis behind it; another one is made anew. */
  readonly version: number;
  /** Section letters in order; empty where none is labelled. */
  readonly letters: string;
  /** Bars of one chorus. */
  readonly bars: number;
  /** Places of the chart that cannot be read. */
  readonly problems: number;
  /** The key it is heard in, as `Eb major`. */
  readonly homeKey: string;
  /** Kinds of landmarks in it, each once. */
  readonly landmarks: readonly LandmarkKind[];
  /** Its form in words, where it has a known one: "32-bar AABA". */
  readonly form: string;
}

export const SUMMARY_VERSION = 2;

/** Of a tune that has not been summarized. */
export const noSummary: TuneSummary = {
  version: SUMMARY_VERSION,
  letters: '',
  bars: 0,
  problems: 0,
  homeKey: '',
  landmarks: [],
  form: '',
};

/** No analysis has this version: the summary is made anew soon. */
const BEING_MADE = 0;

/** Right after a save: what is counted is new, what is analysed still that of before. */
export function summaryMeanwhile(parsed: ParsedChart, before: TuneSummary | null): TuneSummary {
  const { letters, bars } = formOf(parsed.chart);
  const problems = parsed.problems.length;
  return { ...(before ?? noSummary), version: BEING_MADE, letters, bars, problems };
}

const WHOLE_FORMS: readonly LandmarkKind[] = ['AABA', 'ABAC', '12-bar blues', 'minor blues'];

export function summarize(tune: { text: string; meter: string; key: string }): TuneSummary {
  const { chart, problems } = parseChart(tune.text, parseMeter(tune.meter));
  const { letters, bars } = formOf(chart);
  const inKey = { ...chart, header: { key: tune.key, ...chart.header } };
  const { homeKey, landmarks } = analyzeChart(inKey);
  return {
    version: SUMMARY_VERSION,
    letters,
    bars,
    problems: problems.length,
    homeKey,
    landmarks: [...new Set(landmarks.map(({ kind }) => kind))],
    form: formIn(landmarks),
  };
}

const formIn = (landmarks: readonly Landmark[]): string =>
  landmarks.find(({ kind }) => WHOLE_FORMS.includes(kind))?.label ?? '';
