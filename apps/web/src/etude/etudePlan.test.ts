import { makeEtude, rooms } from '@drop-close/core';
import { etudeLength, firstRoundPlan } from './etudePlan';

it('plays the first round, two quarters a chord', () => {
  const made = makeEtude({
    ...{ family: 'drop2', cycle: 'diatonic fourths', kind: '7', key: 'C', triads: false },
    ...{ instrument: 'keyboard', room: rooms.alone },
  });
  if (!made.ok) throw new Error(made.problem.message);
  const { notes, length } = firstRoundPlan(made.value);
  expect(length).toBe(14);
  expect(notes).toHaveLength(7 * 4);
  expect(new Set(notes.map(({ at }) => at))).toEqual(new Set([0, 2, 4, 6, 8, 10, 12]));
});

it('says how long an étude takes', () => {
  expect(etudeLength(144, 80)).toBe('4 minutes');
  expect(etudeLength(12, 80)).toBe('a minute');
});
