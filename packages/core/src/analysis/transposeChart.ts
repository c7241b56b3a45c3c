import { moveChart } from '../chart/transpose';
import type { Chart } from '../chart/types';
import { intervalBetween } from '../pitch/interval';
import { pitchClass } from '../base/units';
import { readChart } from './readings/chartReading';
import { keyOf, signatureOf, tonicName, type Key } from './base/key';
import type { NoteName } from '../pitch/spelling';

/**
 * A chart in another key. The new key is the one with fewer accidentals (Db, not C#; of F# and Gb the
 * one on the side of the old key), and every root keeps its place in it. A chart without a key in its
 * header is moved from the key it is heard in, and gets none.
 * @param semitones up, or down below 0; whole octaves change nothing
 */
export function transposeChart(chart: Chart, semitones: number): Chart {
  if (pitchClass(semitones) === 0) return chart;
  const from = homeKeyOf(chart);
  const to: Key = { tonic: pitchClass(from.tonic + semitones), mode: from.mode };
  const tonic = tonicName(to, signatureOf(from.name, from.mode) > 0);
  const key = tonic + (to.mode === 'minor' ? 'm' : '');
  const interval = intervalBetween(from.name, tonic);
  return moveChart(chart, interval, chart.header.key === undefined ? undefined : key);
}

function homeKeyOf(chart: Chart): Key & { readonly name: NoteName } {
  if (chart.header.key !== undefined) return keyOf(chart.header.key);
  const { key, tonic } = readChart(chart).home;
  return { ...key, name: tonic };
}
