import { parseChart } from '../chart/parseChart';
import { semitonesOf } from '../chord/degrees';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { PROGRESSIONS } from '../testing/progressions';
import { analyzeChart } from './analyzeChart';
import { standIns } from './standIns';

const pitches = (symbol: string): number[] => {
  const { root, tones } = chord(symbol);
  return tones.map(({ degree }) => (pitchClassOf(root) + semitonesOf(degree)) % 12);
};
const shared = (a: string, b: string): number =>
  pitches(a).filter((pitch) => pitches(b).includes(pitch)).length;
const symbols = (
  symbol: string,
  key: string,
  numeral: string,
  part: 'tonic' | 'predominant' | 'dominant',
): string[] => standIns({ symbol, key, numeral, function: part }).map((standIn) => standIn.symbol);

it.each([
  ['Cmaj7', 'Em7'],
  ['Cmaj7', 'Am7'],
  ['Dm7', 'Fmaj7'],
  ['G7', 'Bm7b5'],
])('%s and %s share three notes (arithmetic)', (a, b) => {
  expect(shared(a, b)).toBe(3);
});
it('iv6 and iiø of minor are one set, and so are i6 and viø (arithmetic)', () => {
  expect(shared('Fm6', 'Dm7b5')).toBe(4);
  expect(shared('Cm6', 'Am7b5')).toBe(4);
});
it('gives the others of the group in the key of the chord (common practice)', () => {
  expect(symbols('Fm7', 'Eb major', 'ii7', 'predominant')).toEqual(['Abmaj7', 'Abm6']);
  expect(symbols('Bb7', 'Eb major', 'V7', 'dominant')).toEqual(['Dm7b5', 'E7', 'Db7']);
  expect(symbols('G7', 'C minor', 'V7', 'dominant')).toEqual(['Bdim7', 'Db7']);
});
it('reads an applied dominant in the key it is applied to', () => {
  expect(symbols('A7', 'F major', 'V7/vi', 'dominant')).toEqual(['C#dim7', 'Eb7']);
  expect(symbols('F7', 'F major', 'V7/IV', 'dominant')).toEqual(['Am7b5', 'B7', 'Ab7']);
});
it('gives a passing chord none', () => {
  expect(
    standIns({ symbol: 'C#dim7', key: 'C major', numeral: '#i°7', function: 'passing' }),
  ).toEqual([]);
});
it('counts the notes it shares with the chord, and names them (arithmetic)', () => {
  const whys = standIns({ symbol: 'Am7', key: 'C major', numeral: 'vi7', function: 'tonic' });
  expect(whys.map(({ symbol, why }) => `${symbol} ${why}`)).toEqual([
    'Cmaj7 shares three notes: C, E and G',
    'Em7 shares two notes: E and G',
  ]);
  const dominants = standIns({ symbol: 'G7', key: 'C major', numeral: 'V7', function: 'dominant' });
  expect(dominants.find(({ symbol }) => symbol === 'Db7')?.why).toBe(
    'a tritone from V, with the same guide tones; shares two notes: B and F',
  );
});
it('refuses what contradicts a written colour: no Db7 for G9, whose A it would cover with A flat', () => {
  expect(symbols('G9', 'C major', 'V7', 'dominant')).not.toContain('Db7');
  expect(symbols('G7b9', 'C major', 'V7', 'dominant')).toContain('Db7');
});
it('names none that shares one note, or has a step of the chord inflected otherwise', () => {
  // Gm7 has D where Dbmaj7 has D flat; Dm7 has A where Fm7 has A flat. The minor iv stays, for its own reason.
  expect(symbols('Dbmaj7', 'F major', 'bVImaj7', 'predominant')).toEqual(['Bbm6']);
  expect(symbols('Fm7', 'C major', 'iv7', 'predominant')).toEqual([]);
});
it('counts truly on every chord of the hand-made progressions', () => {
  let claims = 0;
  for (const [, key, text] of PROGRESSIONS) {
    for (const analysis of analyzeChart(parseChart(`key: ${key}\n${text}`).chart).chords) {
      for (const { symbol, why } of standIns(analysis)) {
        const told = /shares (\w+) notes?: (.+)$/.exec(why);
        const count = told ? told[2]!.split(/, | and /).length : 0;
        expect([analysis.symbol, symbol, count]).toEqual([
          analysis.symbol,
          symbol,
          shared(analysis.symbol, symbol),
        ]);
        claims += 1;
      }
    }
  }
  expect(claims).toBeGreaterThan(150);
});
