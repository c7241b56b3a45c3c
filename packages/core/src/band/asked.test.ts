import { askedOf } from './asked';

it('a plan asks for what one of its parts sounds, without the pickup', () => {
  const note = { length: 1, velocity: 80 };
  const plan = {
    notes: [
      { part: 'solo' as const, midi: 60, at: 1, ...note },
      { part: 'solo' as const, midi: 62, at: 0, ...note },
      { part: 'solo' as const, midi: 59, at: -1, ...note },
      { part: 'bass' as const, midi: 40, at: 0, ...note },
    ],
    ...{ length: 4, pickup: 1 },
  };
  expect(askedOf(plan, 'solo')).toEqual([
    { at: 0, midi: 62 },
    { at: 1, midi: 60 },
  ]);
});
