import { semitonesOf } from '../chord/degrees';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { standIns } from './standIns';

const pitches = (symbol: string): number[] => {
  const { root, tones } = chord(symbol);
  return tones.map(({ degree }) => (pitchClassOf(root) + semitonesOf(degree)) % 12);
};
const shared = (a: string, b: string): number =>
  pitches(a).filter((pitch) => pitches(b).includes(pitch)).length;
const symbols = (
  key: string,
  numeral: string,
  part: 'tonic' | 'predominant' | 'dominant',
): string[] => standIns({ key, numeral, function: part }).map(({ symbol }) => symbol);

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
  expect(symbols('Eb major', 'ii7', 'predominant')).toEqual(['Abmaj7', 'Abm6']);
  expect(symbols('Eb major', 'V7', 'dominant')).toEqual(['Dm7b5', 'E7', 'Db7']);
  expect(symbols('C minor', 'V7', 'dominant')).toEqual(['Bdim7', 'Db7']);
});
it('reads an applied dominant in the key it is applied to', () => {
  expect(symbols('F major', 'V7/vi', 'dominant')).toEqual(['C#dim7', 'Eb7']);
  expect(symbols('F major', 'V7/IV', 'dominant')).toEqual(['Am7b5', 'B7', 'Ab7']);
});
it('gives a passing chord none', () => {
  expect(standIns({ key: 'C major', numeral: '#i°7', function: 'passing' })).toEqual([]);
});
