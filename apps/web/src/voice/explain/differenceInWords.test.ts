import { TERM_IDS, type TermCosts } from '@drop-close/core';
import { differenceInWords } from './differenceInWords';

const costs = (change: Partial<TermCosts>): TermCosts =>
  ({ ...Object.fromEntries(TERM_IDS.map((id) => [id, 1])), ...change }) as TermCosts;

it('says by which terms one chorus costs more or less, the greatest first', () => {
  const words = differenceInWords(costs({ motion: 2.5, hand: 0.6 }), costs({}));
  expect(words).toBe('Smoothness +1.5, Easy hands −0.4');
});

it('says nothing where nothing differs that one could hear', () => {
  expect(differenceInWords(costs({ sound: 1.01 }), costs({}))).toBe('');
});
