/**
 * What is said of any chart is true of it: random changes, most of them in a key and some from anywhere, read claim by
 * claim. Source: the words of the claims themselves.
 */
import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { semitonesOf } from '../chord/degrees';
import type { PitchedChord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { random } from '../testing/random';
import { analyzeChart } from './analyzeChart';
import { keyPitches, type Mode } from './base/key';
import type { ChartAnalysis, ChordAnalysis } from './base/types';
import { standIns } from './standIns';
import { transposeChart } from './transposeChart';

const CHARTS = 5000;
const SEED = 1616;
/** Every so many charts are moved too. */
const EVERY = 5;

const IN_KEYS = [
  'Dm7 G7 Cmaj7 Am7 Em7 Fmaj7 A7 E7 Bm7b5 Dm7b5 Fm6 Bb7 C#dim7 D7 G7b9 C6 G7sus4 C7 Gm7',
  'Cm6 Fm7 Dm7b5 G7(b9,b13) Abmaj7 Ebmaj7 Cm7 Bb7 Ab7 Bdim7 Cm(maj7) G7alt Gm7b5 C7b9 Db7',
].map((row) => row.split(' '));
const ROOTS = 'C Db D Eb E F F# G Ab A Bb B'.split(' ');
const SUFFIXES = ['', 'm', 'maj7', '7', 'm7', 'm7b5', 'dim7', '7b9', '7#11', '13', 'm9', '6', '+'];

const pick = <T>(items: readonly T[], next: () => number): T =>
  items[Math.floor(next() * items.length)]!;

/** Three to eight bars with a chord or two in each. */
function randomChanges(next: () => number): string {
  const row = pick(IN_KEYS, next);
  const symbol = (): string =>
    next() < 0.15 ? pick(ROOTS, next) + pick(SUFFIXES, next) : pick(row, next);
  const bars = Array.from({ length: 3 + Math.floor(next() * 6) }, () =>
    next() < 0.4 ? `${symbol()} ${symbol()}` : symbol(),
  );
  return `| ${bars.join(' | ')} |`;
}

const pitchesOf = ({ root, tones }: PitchedChord): number[] =>
  tones.map(({ degree }) => (pitchClassOf(root) + semitonesOf(degree)) % 12);
const numbersOf = ({ chords }: ChartAnalysis): string[] => chords.map(({ numeral }) => numeral);
const halfStepApart = (a: number, b: number): boolean => [1, 11].includes((a - b + 12) % 12);

/** "shares three notes: E, G and B" */
function falseShares(chord: PitchedChord, analysis: ChordAnalysis, pitches: Map<string, number[]>) {
  const own = pitchesOf(chord);
  return standIns(analysis).filter(({ symbol, why }) => {
    const told = /shares (\w+) notes?: (.+)$/.exec(why);
    const count = told ? told[2]!.split(/, | and /).length : 0;
    if (!pitches.has(symbol)) {
      const { chart } = parseChart(`| ${symbol} |`);
      const [event] = timeline(chart).events;
      pitches.set(symbol, pitchesOf(event!.chord as PitchedChord));
    }
    return count !== own.filter((pitch) => pitches.get(symbol)!.includes(pitch)).length;
  });
}

/** A pool with other notes in place of the chord's own; pools of few notes may lack some. */
function falsePools(chord: PitchedChord, { scales }: ChordAnalysis) {
  return scales.filter(({ school, notes }) => {
    if (school === 'simple') return false;
    const has = new Set<number>(notes.map(pitchClassOf));
    return chord.tones.some(({ degree, note }) => degree !== '5' && !has.has(pitchClassOf(note)));
  });
}

/** A note that rubs against a root or a guide tone it stands over. */
function falseSounds(chart: ReturnType<typeof parseChart>['chart'], { sounds }: ChartAnalysis) {
  const { events } = timeline(chart);
  return sounds.filter(({ fromBar, toBar, label, except, notes }) => {
    const [, tonic = '', mode] = /of (\S+) (major|minor)$/.exec(label)!;
    const name = tonic.replace('♭', 'b').replace('♯', '#');
    const inKey = keyPitches({ tonic: pitchClassOf(name), mode: mode as Mode });
    return events.some(({ chord, bar }) => {
      const outside = bar < fromBar || bar > toBar || chord.symbol === except?.symbol;
      if (chord.kind !== 'chord' || outside) return false;
      const own = pitchesOf(chord);
      const body = chord.guideTones.map(
        (degree) => (pitchClassOf(chord.root) + semitonesOf(degree)) % 12,
      );
      const sixth = (pitchClassOf(name) + 9) % 12;
      const covered = body.every((pitch) => inKey.has(pitch) || pitch === sixth);
      const rubs = notes
        .map(pitchClassOf)
        .filter((pitch) => !own.includes(pitch))
        .some((pitch) => [...body, pitchClassOf(chord.root)].some((b) => halfStepApart(pitch, b)));
      return !covered || rubs;
    });
  });
}

it(`${CHARTS} random charts: what is shared, covered and pooled is so, and a moved chart reads the same (seed ${SEED})`, () => {
  const next = random(SEED);
  const pitches = new Map<string, number[]>();
  const counts = { stands: 0, pools: 0, sounds: 0, moved: 0 };
  for (let at = 0; at < CHARTS; at += 1) {
    const text = randomChanges(next);
    const { chart } = parseChart(text);
    const analysis = analyzeChart(chart);
    const chords = timeline(chart).events.map(({ chord }) => chord as PitchedChord);
    const faults = analysis.chords.flatMap((each, index) => [
      ...falseShares(chords[index]!, each, pitches),
      ...falsePools(chords[index]!, each),
    ]);
    expect([text, faults, falseSounds(chart, analysis)]).toEqual([text, [], []]);
    if (at % EVERY === 0) {
      const moved = analyzeChart(transposeChart(chart, 1 + ((at / EVERY) % 11)));
      expect([text, numbersOf(moved)]).toEqual([text, numbersOf(analysis)]);
      counts.moved += 1;
    }
    counts.stands += analysis.chords.flatMap(standIns).length;
    counts.pools += analysis.chords.flatMap(({ scales }) => scales).length;
    counts.sounds += analysis.sounds.length;
  }
  expect(counts.stands).toBeGreaterThan(30_000);
  expect(counts.pools).toBeGreaterThan(300_000);
  expect(counts.sounds).toBeGreaterThan(500);
  expect(counts.moved).toBe(CHARTS / EVERY);
});
