import { toggled } from './toggled';

it('puts a note down and takes it off again', () => {
  const once = toggled([], { string: 6, fret: 5 });
  expect(once).toEqual([{ string: 6, fret: 5 }]);
  expect(toggled(once, { string: 6, fret: 5 })).toEqual([]);
});

it('moves the note of a string, which sounds one at a time', () => {
  const grip = [
    { string: 6, fret: 5 },
    { string: 4, fret: 5 },
  ];
  expect(toggled(grip, { string: 6, fret: 7 })).toEqual([
    { string: 4, fret: 5 },
    { string: 6, fret: 7 },
  ]);
});

it('begins anew with a string after notes from a keyboard', () => {
  expect(toggled([{ pitch: 60 }], { string: 1, fret: 3 })).toEqual([{ string: 1, fret: 3 }]);
  expect(toggled([{ pitch: 60 }], { pitch: 64 })).toEqual([{ pitch: 60 }, { pitch: 64 }]);
});
