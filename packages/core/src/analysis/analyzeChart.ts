/**
 * Reads the changes as a player does. How it decides is told in docs/analysis.md.
 */
import type { Chart } from '../chart/types';
import { spellTones } from '../chord/tones';
import { pitchClass } from '../base/units';
import { readChart, keyLabel, type ChartReading, type ReadMoment } from './readings/chartReading';
import { landmarksOf } from './landmarks';
import { otherwise } from './otherwise';
import { poolsByFunction } from './pools/byFunction';
import { parentMinor, simplePools, sixthAndDiminished } from './pools/schools';
import { coloursOf } from './pools/tensions';
import { sectionsOf } from './landmarks/sections';
import { sharedNotes } from './shared';
import { soundsOf } from './sounds';
import type { ChartAnalysis, ChordAnalysis, KeyArea, Pool, School } from './base/types';

export interface AnalysisSettings {
  /** The school whose pools stand first; the others follow. */
  readonly school: School;
}

export const defaultAnalysisSettings: AnalysisSettings = { school: 'by function' };

/**
 * Keys, numbers, landmarks, sections and note pools of a chart. The key of its header, where it has one,
 * is where the chart is taken to begin and end unless the changes say otherwise. Bars count from 1 in
 * the chorus as played. Deterministic; takes time in proportion to the number of chords.
 */
export function analyzeChart(
  chart: Chart,
  settings: AnalysisSettings = defaultAnalysisSettings,
): ChartAnalysis {
  const tune = readChart(chart);
  return {
    homeKey: keyLabel(tune.home.tonic, tune.home.key),
    keys: keyAreas(tune),
    chords: chordAnalyses(tune, settings),
    landmarks: landmarksOf(tune),
    sections: sectionsOf(tune),
    sounds: soundsOf(tune),
  };
}

function keyAreas({ moments }: ChartReading): KeyArea[] {
  const areas: KeyArea[] = [];
  for (const { key, tonic, fromBar, toBar } of moments) {
    const label = keyLabel(tonic, key);
    const last = areas.at(-1);
    if (last?.key === label) areas[areas.length - 1] = { ...last, toBar };
    else areas.push({ key: label, fromBar, toBar });
  }
  return areas;
}

/** One analysis for each event: those of one moment share all but their place. */
function chordAnalyses(tune: ChartReading, settings: AnalysisSettings): ChordAnalysis[] {
  const rows: ChordAnalysis[] = tune.events.map(({ chord, bar, beat }) => ({
    bar,
    beat,
    symbol: chord.symbol,
    ...AT_REST,
    key: keyLabel(tune.home.tonic, tune.home.key),
  }));
  const told = tune.moments.map((_, at) => momentAnalysis(tune, at, settings));
  tune.moments.forEach((moment, at) => {
    const after = (at + 1) % tune.moments.length;
    const next = tune.moments[after]!;
    const common = sharedNotes(
      { chord: moment.chord, pool: told[at]!.scales[0] },
      { chord: next.chord, pool: told[after]!.scales[0] },
    );
    const shared = { ...common, next: next.first };
    for (let event = moment.first; event <= moment.last; event += 1) {
      rows[event] = { ...rows[event]!, ...told[at]!, shared };
    }
  });
  return rows;
}

/** N.C. */
const AT_REST = {
  numeral: 'N.C.',
  function: 'passing',
  reason: 'nothing is played here',
  otherwise: [],
  scales: [],
  tensions: [],
  avoid: [],
} as const;

function momentAnalysis(
  tune: ChartReading,
  at: number,
  { school }: AnalysisSettings,
): Omit<ChordAnalysis, 'bar' | 'beat' | 'symbol'> {
  const moment = tune.moments[at]!;
  const { key, tonic, reading } = moment;
  const functional = poolsByFunction(moment);
  const pools = [
    ...functional,
    ...sixthAndDiminished(moment),
    ...parentMinor(moment, tune.moments[at - 1]),
    ...simplePools(moment, tune.moments[at - 1]),
  ];
  const { numeral, function: part, reason } = reading;
  return {
    key: keyLabel(tonic, key),
    numeral,
    function: part,
    reason,
    otherwise: otherwise(tune, at),
    scales: schoolFirst(pools, school),
    ...coloursOf(moment, functional[0]),
    ...thirdGuideOf(moment, tune.moments[at + 1] ?? tune.moments[0]),
  };
}

/** Source: common practice. A suspended dominant has no third for the b9 to stand beside. */
function thirdGuideOf(
  { chord, class: kind, root }: ReadMoment,
  next: ReadMoment | undefined,
): Pick<ChordAnalysis, 'thirdGuide'> {
  const falls = next?.root === pitchClass(root + 5);
  const natural = chord.tones.some(({ degree }) => degree === '9' || degree === '4');
  if (kind !== 'dominant' || !falls || natural) return {};
  const [thirdGuide] = spellTones(chord.root, ['b9']);
  return thirdGuide ? { thirdGuide } : {};
}

const schoolFirst = (pools: readonly Pool[], school: School): Pool[] => [
  ...pools.filter((pool) => pool.school === school),
  ...pools.filter((pool) => pool.school !== school),
];
