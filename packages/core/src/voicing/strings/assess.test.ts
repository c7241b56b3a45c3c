import fc from 'fast-check';
import { defaultGuitar } from '../data';
import { assessor } from './assess';
import { fingeringOf } from './fingering';

const grips = fc
  .array(fc.option(fc.integer({ min: 0, max: 7 }), { nil: undefined, freq: 5 }), {
    minLength: 6,
    maxLength: 6,
  })
  .map((frets) =>
    frets.flatMap((fret, stringIndex) => (fret === undefined ? [] : [{ stringIndex, fret }])),
  );

it('a grip has the fingers of its own frets, whatever was judged before it (4,000 grips, seed 3)', () => {
  const assess = assessor(defaultGuitar);
  let held = 0;
  fc.assert(
    fc.property(grips, (places) => {
      const fingers = assess(places, true)?.fingerOn;
      const own = fingeringOf(places)?.fingers;
      expect(fingers && places.map(({ stringIndex }) => fingers[stringIndex])).toEqual(own);
      if (own) held += 1;
    }),
    { numRuns: 4000, seed: 3 },
  );
  expect(held).toBeGreaterThan(1000);
});
