import fc from 'fast-check';
import { defaultGuitar } from '../data';
import { openPitches, stretchOf } from './geometry';
import { layOnStrings } from './layOnStrings';

const written = (pitches: number[], guitar = defaultGuitar): string | undefined =>
  layOnStrings(guitar, pitches)
    ?.map(({ string, fret }) => `${string}:${fret}`)
    .join(' ');

it.each([
  ['the open strings', [40, 45, 50, 55, 59, 64], '6:0 5:0 4:0 3:0 2:0 1:0'],
  ['one note near the nut', [60], '2:1'],
  ['a fourth on neighbouring strings', [57, 62], '4:7 3:7'],
] as [string, number[], string][])('lays %s', (_, pitches, expected) => {
  expect(written(pitches)).toBe(expected);
});

it('has no way for two notes that only one string has, nor for what lies off the neck', () => {
  expect(written([40, 42])).toBeUndefined();
  expect(written([30])).toBeUndefined();
  expect(written([100])).toBeUndefined();
});

it('counts frets from a capo', () => {
  expect(written([62], { ...defaultGuitar, capo: 3 })).toBe('2:0');
});

it('sounds what it is asked for, and no other way is narrower (property, seed 10)', () => {
  const open = openPitches(defaultGuitar);
  const grip = fc
    .uniqueArray(fc.integer({ min: 0, max: 5 }), { minLength: 2, maxLength: 4 })
    .chain((strings) =>
      fc.tuple(
        ...strings.map((stringIndex) =>
          fc.integer({ min: 0, max: 12 }).map((fret) => ({ stringIndex, fret })),
        ),
      ),
    );
  fc.assert(
    fc.property(grip, (places) => {
      const pitches = places.map(({ stringIndex, fret }) => open[stringIndex]! + fret);
      fc.pre(new Set(pitches).size === pitches.length);
      const laid = layOnStrings(defaultGuitar, pitches)!;
      expect(laid.map(({ string, fret }) => open.at(-string)! + fret)).toEqual(pitches);
      const found = laid.map(({ string, fret }) => ({ stringIndex: open.length - string, fret }));
      expect(stretchOf(defaultGuitar, found)).toBeLessThanOrEqual(stretchOf(defaultGuitar, places));
    }),
    { numRuns: 300, seed: 10 },
  );
});
