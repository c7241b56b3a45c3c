/**
 * Parse and analyse charts of growing length: median of 15 runs, in ms, and how the cost grows; and what the panel of a
 * chord works out when it opens.
 */
import {
  analyzeChart,
  otherNames,
  parseChart,
  standIns,
  timeline,
  upperParts,
} from '@drop-close/core';
import { median, print, report } from './report';

/** 32 bars and 75 chords, every kind of landmark in them. */
const CHORUS = [
  '| Ebmaj7 Edim7 | Fm7 Bb7 | Gm7 C7b9 | Fm7 Bb13 | Bbm7 Eb7 | Abmaj7 Db9 | Gm7 C7 | Fm7 B7#11 |',
  '| Ebmaj7 . Cm7 C7 | F7 | Bm7 E7 | Bbm7 Eb7 | Abmaj7 | Abm6 Db9 | Gm7b5 C7(b9,b13) | Fm7 Bb7 |',
  '| D7 | Am7 D7 | G7 | % | C7 | Gm7 C7 | F7 | Fm7 Bb7 |',
  '| Cm Cm(maj7) | Cm7 Cm6 | Abmaj7 G7 | Cm6 A7alt | Dm7b5 G7 | Cm7 F9 | Fm7 | E7 Eb6 |',
].join('\n');

const chart = (choruses: number): string => `key: Eb\n${`${CHORUS}\n`.repeat(choruses)}`;
const run = (choruses: number) => (): void => {
  const { chords } = analyzeChart(parseChart(chart(choruses)).chart);
  if (!chords.length) throw new Error('Nothing was analysed');
};

report('analyse: parse and analyse a chart of 300 chords', run(4));
const [quarter, whole] = [median(run(3)), median(run(12))];
print('analyse: growth for 4 times the length', whole / quarter, 'times');

const { chart: once } = parseChart(chart(1));
const { chords: told } = analyzeChart(once);
const opened = timeline(once).events.flatMap(({ chord }, at) => {
  const analysis = told[at];
  if (chord.kind !== 'chord' || !analysis) return [];
  const start = performance.now();
  otherNames(chord);
  upperParts(chord, analysis.tensions);
  standIns(analysis);
  return [performance.now() - start];
});
const inOrder = [...opened].sort((a, b) => a - b);
print('panel of a chord, nine of ten in less', inOrder[Math.floor(inOrder.length * 0.9)]!, 'ms');
