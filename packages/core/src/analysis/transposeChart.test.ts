import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { formatChart } from '../chart/formatChart';
import { parseChart } from '../chart/parseChart';
import type { Chart } from '../chart/types';
import { timeline } from '../chart/timeline';
import { soundingChords } from '../chart/transpose';
import { spellFrom, type NoteName } from '../pitch/spelling';
import { demoTexts } from '../testing/demo';
import { PROGRESSIONS } from '../testing/progressions';
import { analyzeChart } from './analyzeChart';
import { transposeChart } from './transposeChart';

const moved = (text: string, semitones: number): string =>
  formatChart(transposeChart(parseChart(text).chart, semitones));

describe('a chart in another key', () => {
  it.each([
    ['key: C\n| Dm7 G7 | Cmaj7 |', 1, 'key: Db\n| Ebm7 Ab7 | Dbmaj7 |'],
    ['key: C\n| Dm7 G7 | Cmaj7 |', 3, 'key: Eb\n| Fm7 Bb7 | Ebmaj7 |'],
    ['key: Eb\n| Fm7 Bb7 | Ebmaj7 |', -3, 'key: C\n| Dm7 G7 | Cmaj7 |'],
    ['key: C\n| Dm7 G7 | Cmaj7 |', 11, 'key: B\n| C#m7 F#7 | Bmaj7 |'],
    ['key: F\n| Fmaj7 | Bbm6 | Abdim7 |', 2, 'key: G\n| Gmaj7 | Cm6 | Bbdim7 |'],
    ['key: G\n| Bm7 Bb7#11 | Am7/E |', 5, 'key: C\n| Em7 Eb7#11 | Dm7/A |'],
    ['key: Am\n| Bm7b5 | E7 (b9) | am6 |', 3, 'key: Cm\n| Dm7b5 | G7 (b9) | Cm6 |'],
    ['key: D\n| D | oops | % | . "ring" A |', 2, 'key: E\n| E | oops | % | "ring" . B |'],
  ])('%j moved by %i is %j', (text, semitones, expected) => {
    expect(moved(text, semitones)).toBe(expected);
  });
  it('takes F# from sharps and Gb from flats', () => {
    expect(moved('key: G\n| G |', -1)).toBe('key: F#\n| F# |');
    expect(moved('key: F\n| F |', 1)).toBe('key: Gb\n| Gb |');
  });
  it('writes no double accidentals', () => {
    expect(moved('key: C\n| Ab7 | Abm7 Db7 |', 6)).toBe('key: Gb\n| D7 | Dm7 G7 |');
  });
  it('writes no root that players would not: B7 and not Cb7, Fdim7 and not E#dim7', () => {
    expect(moved('key: F\n| Bb7 | Bbm7 | Bb7/D |', 1)).toBe('key: Gb\n| B7 | Bm7 | B7/D# |');
    expect(moved('key: C\n| C6 F#dim7 | F/A Dm7/C |', -1)).toBe(
      'key: B\n| B6 Fdim7 | E/G# C#m7/B |',
    );
  });
  it('spells what leads to a remote tonic beside it, and what is at home with its key', () => {
    expect(moved('key: Eb\n| Eb6 | Bm7 E7 | Amaj7 |', 2)).toBe('key: F\n| F6 | C#m7 F#7 | Bmaj7 |');
    expect(moved('key: F\n| F7 | Bb7 | Cm7 F7 | Bbmaj7 |', 1)).toBe(
      'key: Gb\n| Gb7 | B7 | Dbm7 Gb7 | Bmaj7 |',
    );
  });
  it('moves a chart without a key from the key it is heard in, and gives it none', () => {
    expect(moved('| Fm7 | Bb7 | Ebmaj7 |', -3)).toBe('| Dm7 | G7 | Cmaj7 |');
  });
  it('is unchanged by octaves', () => {
    const { chart } = parseChart('key: Bb\n| Cm7 F7 | Bb6 |');
    expect(transposeChart(chart, 12)).toBe(chart);
    expect(transposeChart(chart, -24)).toBe(chart);
  });
});

const DEMO = resolve(__dirname, '../../../../demo');
const demo = readdirSync(DEMO)
  .filter((file) => file.endsWith('.txt'))
  .map((file) => [file, readFileSync(resolve(DEMO, file), 'utf8')]);

/** Everything an analysis says but for note names. */
function abstract(chart: Chart) {
  const { chords, landmarks, sections, keys } = analyzeChart(chart);
  return {
    numbers: chords.map((chord) => [chord.bar, chord.beat, chord.numeral, chord.function]),
    tensions: chords.map((chord) => chord.tensions.map(({ degree }) => degree)),
    scales: chords.map((chord) => chord.scales.map(({ name }) => name.replace(/^\S+ /, ''))),
    landmarks: landmarks.map(({ kind, fromBar, toBar }) => [kind, fromBar, toBar]),
    sections: sections.map(({ name, sameAs, nearly }) => [name, sameAs, nearly]),
    keys: keys.map(({ fromBar, toBar }) => [fromBar, toBar]),
  };
}

describe('the analysis of a transposed chart is the same but for its names', () => {
  const charts = [
    ...demo,
    ...PROGRESSIONS.map(([shows, key, text]) => [shows, `key: ${key}\n${text}`]),
  ] as [string, string][];
  it.each(charts)('%s', (_, text) => {
    const { chart } = parseChart(text);
    const here = abstract(chart);
    for (const semitones of [1, 4, 6, 7, 10]) {
      expect(abstract(transposeChart(chart, semitones))).toEqual(here);
    }
  });
});

it('a root that falls a fifth is spelled so wherever the chart goes, but where a plain name at home or the end of a chain parts them', () => {
  const roots = (chart: Chart) => soundingChords(chart).map(({ root }) => root);
  const falls = (from: NoteName, to: NoteName): boolean => spellFrom(from, 3, 5) === to;
  let [all, parted] = [0, 0];
  for (const [, text] of demo as [string, string][]) {
    const { chart } = parseChart(text);
    const here = roots(chart);
    for (let semitones = 1; semitones < 12; semitones += 1) {
      const there = roots(transposeChart(chart, semitones));
      here.slice(1).forEach((to, at) => {
        if (!falls(here[at]!, to)) return;
        all += 1;
        if (!falls(there[at]!, there[at + 1]!)) parted += 1;
      });
    }
  }
  expect([all, parted]).toEqual([1881, 17]);
});

describe('there and back again', () => {
  const charts = [...demoTexts(), ...PROGRESSIONS.map(([, key, text]) => `key: ${key}\n${text}`)];
  it('every chart is written as it was, from every key, with plain roots there', () => {
    let symbols = 0;
    for (const text of charts) {
      const { chart } = parseChart(text);
      for (let semitones = 1; semitones < 12; semitones += 1) {
        const there = transposeChart(chart, semitones);
        for (const { chord } of timeline(there).events) {
          expect(chord.symbol).not.toMatch(/^(?:[FC]b|[EB]#|[A-G](?:bb|##))/);
          symbols += 1;
        }
        expect(formatChart(transposeChart(there, -semitones))).toBe(formatChart(chart));
      }
    }
    expect(symbols).toBeGreaterThan(5000);
  });

  it.each(demo as [string, string][])('%s comes home from every key', (_, text) => {
    const { chart } = parseChart(text);
    for (const semitones of [1, 2, 3, 5, 8]) {
      const home = transposeChart(transposeChart(chart, semitones), -semitones);
      expect(home.header.key).toBe(chart.header.key);
      expect(analyzeChart(home).chords.map(({ numeral }) => numeral)).toEqual(
        analyzeChart(chart).chords.map(({ numeral }) => numeral),
      );
    }
  });
});
