import type { Degree } from '../../chord/degrees';
import { chord } from '../../testing/builders';
import { rooms } from '../data';
import { materialOf, type MaterialSettings } from './material';
import { toneSets } from './toneSets';

const sets = (symbol: string, size: number, change: Partial<MaterialSettings> = {}): string[] =>
  toneSets(
    materialOf(chord(symbol), { room: rooms.alone, tensions: 'as written', ...change }),
    size,
  ).map((set) => set.join(' '));

describe('the tones that speak for a chord, as its symbol writes them', () => {
  it.each([
    ['Cmaj7', 4, ['R 3 5 7']],
    ['C', 4, ['R 3 5']],
    ['C9', 4, ['3 5 b7 9']],
    ['C9', 3, ['3 b7 9']],
    ['C13', 3, ['3 b7 13']],
    ['C7(b9,#5)', 4, ['3 #5 b7 b9']],
    ['Cdim7', 3, ['b3 b5 bb7']],
    ['C7sus4', 3, ['R 4 b7', '4 5 b7']],
  ] as [string, number, string[]][])('%s in %i voices: %j', (symbol, size, expected) => {
    expect(sets(symbol, size).sort()).toEqual(expected.sort());
  });

  it('always hold the guide tones', () => {
    for (const symbol of ['Cmaj7', 'C7', 'Cm7', 'C6', 'C7alt', 'C13', 'Cm9', 'C7#9']) {
      const { guideTones } = chord(symbol);
      for (const set of sets(symbol, 4)) {
        expect(set.split(' ')).toEqual(expect.arrayContaining([...guideTones]));
      }
    }
  });
});

describe('with every available colour', () => {
  it('9 stands for R and 13 for 5, one, both or neither (arithmetic: four sets)', () => {
    expect(sets('Cmaj7', 4, { tensions: 'available' }).sort()).toEqual(
      ['R 3 5 7', 'R 3 13 7', '9 3 5 7', '9 3 13 7'].sort(),
    );
  });

  it('leaves an altered fifth in its place', () => {
    for (const set of sets('C7#5', 4, { tensions: 'available' })) expect(set).toContain('#5');
  });

  it('fills the place of a fifth that the scale of the chord does not have', () => {
    const altered = { ...chord('C7'), tensions: 'b9 #9 #11 b13'.split(' ') as Degree[] };
    const tones = altered.tones.filter(({ degree }) => degree !== '5');
    const material = materialOf({ ...altered, tones }, { room: rooms.bass, tensions: 'available' });
    expect(toneSets(material, 4).map((set) => set.join(' '))).toContain('b9 3 b7 b13');
  });

  it('offers each set once', () => {
    for (const symbol of ['C7', 'Cm7', 'C6', 'Fmaj7', 'C7alt']) {
      const found = sets(symbol, 4, { tensions: 'available' }).map((set) =>
        set.split(' ').sort().join(),
      );
      expect(new Set(found).size).toBe(found.length);
    }
  });
});
