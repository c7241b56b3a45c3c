import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseChart } from '../../chart/parseChart';
import { TRAVELS } from '../../testing/travels';
import { demoTexts } from '../../testing/demo';
import { analyzeChart } from '../analyzeChart';
import { sayTune } from './sayTune';

function said(text: string): string[] {
  const { whole, sections } = sayTune(analyzeChart(parseChart(text).chart));
  return [whole, ...sections.map(({ name, words }) => `${name}: ${words}`)];
}
const demo = (file: string): string =>
  readFileSync(resolve(__dirname, `../../../../../demo/${file}.txt`), 'utf8');

describe('a tune in words, as a teacher would say it (common practice, written down by hand first)', () => {
  it.each([
    [
      '01-bilge-lamp-blues',
      ['Twelve-bar blues in B♭', 'Blues: ii–V to IV, passing diminished, 3-6-2-5, 1-6-2-5'],
    ],
    [
      '03-the-second-lantern',
      [
        '32-bar AABA in E♭ major',
        'A1: 1-6-2-5, 3-6-2-5, ii–V into A2',
        'A2: A1 but for bars 15 and 16: in A major: ii–V into B',
        'B: in A major: ii–V–I; in C major: ii–V–I twice; back in E♭ major: ii–V into A3',
        'A3: A1 but for bar 31',
      ],
    ],
    [
      '04-half-past-the-tide',
      [
        '32-bar ABAC in F major',
        'A1: ii–V to vi, ii–V to IV, backdoor to iii, 3-6-2-5',
        'B: V of iii, ii–V to ii, ii–V into A2',
        'A2: A1 again',
        'C: ii–V to ii, backdoor home, 1-6-2-5, passing diminished, ii–V back to the top',
      ],
    ],
    [
      '08-fog-signal',
      [
        '32-bar AABA in D minor',
        'A1: vamp on D',
        'A2: A1 again',
        'B: A1 up a half step',
        'A3: A1 again',
      ],
    ],
    [
      '12-two-buoys',
      [
        '25 bars in D major',
        'A1: one voice rises by half steps over D, V of IV, minor iv, 3-6-2-5, ii–V left open',
        'B: three keys, each a whole step down: A, G, F; back in D major: ii–V into A2',
        'A2: one voice rises by half steps over D, V of IV, minor iv, 3-6-2-5',
        'Coda: backdoor home',
      ],
    ],
  ])('%s', (file, words) => {
    expect(said(demo(file))).toEqual(words);
  });

  it('says ii–V to vi, backdoor home, and a bridge of three falling keys that comes back by a ii–V', () => {
    const a = '| Dmaj7 | C#m7b5 F#7b9 | Bm7 | Gm7 C7 | Dmaj7 | Em7 A7 | D6 | % |';
    const b = '| F#m7 B7 | Emaj7 | Em7 A7 | Dmaj7 | Dm7 G7 | Cmaj7 | Em7 | A7 |';
    expect(said(`key: D\n[A]\n${a}\n[Bridge]\n${b}`)).toEqual([
      '16 bars in D major',
      'A: ii–V to vi, backdoor home, ii–V–I',
      'Bridge: three keys, each a whole step down: E, D, C; back in D major: ii–V back to the top',
    ]);
  });
  it('says the key of a section in which nothing has a name', () => {
    expect(said('key: C\n| C6 | % |')).toEqual(['Two bars in C major', 'A: in C major']);
    expect(said('')).toEqual(['No bars in C major']);
  });
});

it('says something of every section of every tune, and no phrase of chords that are not in it', () => {
  const texts = [...demoTexts(), ...TRAVELS.map(([, key, text]) => `key: ${key || 'C'}\n${text}`)];
  let phrases = 0;
  for (const text of texts) {
    const analysis = analyzeChart(parseChart(text).chart);
    const { sections } = sayTune(analysis);
    expect(sections).toHaveLength(analysis.sections.length);
    sections.forEach(({ words }, at) => {
      const { name, fromBar, toBar } = analysis.sections[at]!;
      const kinds = analysis.landmarks.filter(
        (mark) => mark.fromBar >= fromBar && mark.fromBar <= toBar,
      );
      expect([name, words]).not.toEqual([name, '']);
      for (const [phrase, kind] of [
        ['backdoor', 'backdoor'],
        ['minor iv', 'minor iv'],
        ['passing diminished', 'passing diminished'],
        ['keys, each', 'chain of keys'],
      ] as const) {
        if (!words.includes(phrase)) continue;
        expect([name, phrase, kinds.map((mark) => mark.kind)]).toEqual([
          name,
          phrase,
          expect.arrayContaining([kind]),
        ]);
        phrases += 1;
      }
    });
  }
  expect(phrases).toBeGreaterThan(20);
});
