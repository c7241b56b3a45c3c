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
])('%s is read as %s', (symbol, read, root) => {
  const chord = parseChord(symbol);
  expect(chord.ok && chord.value.symbol).toBe(read);
  expect(chord.ok && chord.value.kind === 'chord' && chord.value.root).toBe(root);
});

it.each(['Hb7', 'H#', 'Hello', 'Hx'])('%s is no chord', (word) => {
  expect(parseChord(word).ok).toBe(false);
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

it('nothing is told where there is no H', () => {
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

it('every demo tune in every key is the same chorus with H written for every B', () => {
  let [charts, written] = [0, 0];
  for (const text of demoTexts()) {
    for (let semitones = 0; semitones < 12; semitones += 1) {
      const plain = formatChart(transposeChart(parseChart(text).chart, semitones));
      const [head = '', ...rest] = plain.split(/(?=^[|[(])/m);
      const german = rest.join('').replace(/(?<=[\s|/(]|^)B(?![b#♭♯])(?!\w*\])/gm, () => {
        written += 1;
        return 'H';
      });
      expect(symbols(head + german)).toBe(symbols(plain));
      charts += 1;
    }
  }
  expect(charts).toBe(144);
  expect(written).toBeGreaterThan(300);
});
