import { pitchClassOf } from '../pitch/spelling';
import { parseChord } from '../chord/parseChord';
import { formatChart } from './formatChart';
import { germanHint } from './germanHint';
import { parseChart } from './parseChart';
import { transposeChart } from '../analysis/transposeChart';
import { demoTexts } from '../testing/demo';
import { timeline } from './timeline';

const symbols = (text: string): string =>
  timeline(parseChart(text).chart)
    .events.map(({ chord }) => chord.symbol)
    .join(' ');

it.each([
  ['H7', 'B7', 'B'],
  ['Hm7b5', 'Bm7b5', 'B'],
  ['h°', 'B°', 'B'],
  ['(H7)', 'B7', 'B'],
  ['Em/H', 'Em/B', 'E'],
  ['H/H', 'B/B', 'B'],
  ['Es7', 'Eb7', 'Eb'],
  ['Asmaj7', 'Abmaj7', 'Ab'],
  ['Fism7b5', 'F#m7b5', 'F#'],
  ['Cis°7/Gis', 'C#°7/G#', 'C#'],
  ['(Des6)', 'Db6', 'Db'],
  ['Ges7/Es', 'Gb7/Eb', 'Gb'],
  ['Esus4', 'Esus4', 'E'],
  ['Asus', 'Asus', 'A'],
  ['Es7sus4', 'Eb7sus4', 'Eb'],
])('%s is read as %s', (symbol, read, root) => {
  const chord = parseChord(symbol);
  expect(chord.ok && chord.value.symbol).toBe(read);
  expect(chord.ok && chord.value.kind === 'chord' && chord.value.root).toBe(root);
});

it.each(['Hb7', 'H#', 'Hello', 'Hx', 'as', 'es', 'His', 'Does'])('%s is no chord', (word) => {
  expect(parseChord(word).ok).toBe(false);
});

it('what is wrong after a German name is told at its place in what was typed', () => {
  expect(parseChord('Fism7x')).toMatchObject({ problem: { index: 5, suggestion: 'F#m7' } });
  expect(parseChord('(Esmjaj7)')).toMatchObject({ problem: { index: 4, suggestion: 'Ebmaj7' } });
});

it('a chart with H stays as it is typed, its chords are B natural, and its player is told', () => {
  const text = '| Em | H7 | Em/H | Bb7 |';
  const { chart, problems } = parseChart(text);
  expect(problems).toEqual([]);
  expect(symbols(text)).toBe('Em B7 Em/B Bb7');
  expect(formatChart(chart).trim()).toContain('H7');
  expect(germanHint(chart)).toBe(
    'H7 is read as B7: H is B natural. B is B natural here too; write Bb for B flat.',
  );
});

it('other German names are told too', () => {
  expect(germanHint(parseChart('| Fism7 | H7 | E |').chart)).toBe(
    'Fism7 is read as F#m7. B is B natural here; write Bb for B flat.',
  );
  expect(germanHint(parseChart('| E/Gis | A |').chart)).toBe(
    'E/Gis is read as E/G#. B is B natural here; write Bb for B flat.',
  );
});

it('nothing is told where every name is English', () => {
  expect(germanHint(parseChart('| Em | B7 | N.C. |').chart)).toBeUndefined();
});

it('moved to another key H is moved as B natural is', () => {
  for (let semitones = 0; semitones < 12; semitones += 1) {
    const german = transposeChart(parseChart('key: Em\n| Em | H7 | F#m7/H |').chart, semitones);
    const plain = transposeChart(parseChart('key: Em\n| Em | B7 | F#m7/B |').chart, semitones);
    const roots = (chart: typeof plain) =>
      timeline(chart).events.map(({ chord }) => chord.kind === 'chord' && pitchClassOf(chord.root));
    expect(roots(german)).toEqual(roots(plain));
  }
});

const GERMAN: Readonly<Record<string, string>> = {
  ...{ B: 'H', 'C#': 'Cis', Db: 'Des', 'D#': 'Dis', Eb: 'Es', 'F#': 'Fis' },
  ...{ Gb: 'Ges', 'G#': 'Gis', Ab: 'As', 'A#': 'Ais', Cb: 'Ces', Fb: 'Fes' },
};

it('every demo tune in every key is the same chorus with the German name of every root and bass', () => {
  let [charts, written] = [0, 0];
  for (const text of demoTexts()) {
    for (let semitones = 0; semitones < 12; semitones += 1) {
      const plain = formatChart(transposeChart(parseChart(text).chart, semitones));
      const [head = '', ...rest] = plain.split(/(?=^[|[(])/m);
      const german = rest.join('').replace(/(?<=[\s|/(]|^)[A-G][b#]?(?!\w*\])/gm, (name) => {
        if (!GERMAN[name]) return name;
        written += 1;
        return GERMAN[name];
      });
      expect(symbols(head + german)).toBe(symbols(plain));
      charts += 1;
    }
  }
  expect(charts).toBe(144);
  expect(written).toBeGreaterThan(1500);
});
