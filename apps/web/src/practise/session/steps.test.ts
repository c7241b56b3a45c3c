import type { SessionStep } from '@drop-close/core';
import { clock, placeOfStep } from './steps';

const step = (change: Partial<SessionStep>): SessionStep => ({
  ...{ id: 's1', kind: 'due', minutes: 2, seconds: 0, state: 'to come' },
  ...change,
});

describe('where a step is done', () => {
  it.each<[string, Partial<SessionStep>, string | undefined]>([
    ['a layer', { item: 'layer / guide tones / t1' }, '/tune/t1/practise?layer=guide+tones'],
    [
      'a layer of a section',
      { item: 'layer / roots / t1 / s2' },
      '/tune/t1/practise?layer=roots&section=s2',
    ],
    ['the chart by heart', { item: 'layer / memory / t1' }, '/tune/t1/practise?do=by-heart'],
    [
      'a form',
      { item: 'form / drop2 / 7 / 5432 / 1 / C F Bb' },
      '/practise/form?item=form+%2F+drop2+%2F+7+%2F+5432+%2F+1+%2F+C+F+Bb',
    ],
    ['a tune', { kind: 'tune', tuneId: 't1' }, '/tune/t1/practise?layer=comp'],
    ['a rest', { kind: 'rest' }, undefined],
  ])('%s', (_, change, place) => {
    expect(placeOfStep(step(change))).toBe(place);
  });
});

it('tells time in minutes and seconds', () => {
  expect([0, 59.9, 65, 3605].map(clock)).toEqual(['0:00', '0:59', '1:05', '60:05']);
});
