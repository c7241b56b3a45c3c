import { makeEtude, rooms } from '@drop-close/core';
import { etudeLength, roundPlan } from './etudePlan';

it('plays a round, two quarters a chord', () => {
  const made = makeEtude({
    ...{ family: 'drop2', cycle: 'diatonic fourths', kind: '7', key: 'C', triads: false },
    ...{ way: 'nearest', strings: [], instrument: 'keyboard', room: rooms.alone },
  });
  if (!made.ok) throw new Error(made.problem.message);
  const { notes, length } = roundPlan(made.value.rounds[0]!);
  expect(length).toBe(16);
  expect(notes).toHaveLength(8 * 4);
  expect(new Set(notes.map(({ at }) => at))).toEqual(new Set([0, 2, 4, 6, 8, 10, 12, 14]));
});

it('says how long an étude takes', () => {
  expect(etudeLength(144, 80)).toBe('4 minutes');
  expect(etudeLength(12, 80)).toBe('a minute');
});
