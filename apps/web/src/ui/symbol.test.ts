import { plainSymbol, symbolParts, prettyText } from './symbol';

it.each([
  ['Bbm7b5/Ab', { root: 'B♭', quality: 'm', raised: '7♭5', bass: 'A♭' }],
  ['Cmaj7', { root: 'C', quality: '', raised: 'maj7' }],
  ['F#m', { root: 'F♯', quality: 'm', raised: '' }],
  ['Co7', { root: 'C', quality: '°', raised: '7' }],
  ['C–7', { root: 'C', quality: '–', raised: '7' }],
  ['C-7', { root: 'C', quality: '–', raised: '7' }],
  ['G7(b9,b13)', { root: 'G', quality: '', raised: '7(♭9,♭13)' }],
  ['C6/9', { root: 'C', quality: '', raised: '6/9' }],
  ['Abdim7', { root: 'A♭', quality: 'dim', raised: '7' }],
  ['Bb', { root: 'B♭', quality: '', raised: '' }],
  ['cmin7', { root: 'C', quality: 'min', raised: '7' }],
  ['Cma7', { root: 'C', quality: '', raised: 'ma7' }],
  ['Cmaj7#11', { root: 'C', quality: '', raised: 'maj7♯11' }],
  ['NC', { root: 'N.C.', quality: '', raised: '' }],
])('%s is set as %j', (symbol, parts) => {
  expect(symbolParts(symbol)).toEqual(parts);
});

it('reads aloud in one line', () => {
  expect(plainSymbol('Ebm7/Db')).toBe('E♭m7/D♭');
});

describe('a sentence with chords in it', () => {
  it.each([
    ['Bb7 leads to Ebm6', 'B♭7 leads to E♭m6'],
    ['F#m7b5 and G7b9', 'F♯m7♭5 and G7♭9'],
    ['Above, Abdim7; Bass notes', 'Above, A♭dim7; Bass notes'],
    ['Bb7#11 and C7(b9,#9)', 'B♭7♯11 and C7(♭9,♯9)'],
    ['Bb', 'B♭'],
  ])('%s is written %s', (text, pretty) => {
    expect(prettyText(text)).toBe(pretty);
  });
});
