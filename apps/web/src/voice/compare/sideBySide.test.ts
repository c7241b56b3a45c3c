import { defaultArrangement, defaultInstruments, firstWritten } from '@drop-close/core';
import { createEngine } from '../../engine/engine';
import { sideBySidePlan } from './sideBySide';

const voiced = (families: ('drop2' | 'shell')[]) =>
  createEngine().voice({
    ...firstWritten('| Dm7 | G7 | Cmaj7 | A7 | Dm7 |'),
    ...{ meter: '4/4', key: 'C' },
    setup: { ...defaultArrangement, families },
    instruments: defaultInstruments,
  });

it('plays the same four bars of one arrangement and then of the other', () => {
  const pair = [voiced(['drop2']), voiced(['shell'])];
  const { notes, length } = sideBySidePlan(pair, 1, { feel: 'swing', tempo: 120 });
  expect(length).toBe(32);
  const comp = notes.filter(({ part }) => part === 'comp');
  expect(comp.filter(({ at }) => at === 0)).toHaveLength(4);
  expect(comp.filter(({ at }) => at === 16)).toHaveLength(3);
});
