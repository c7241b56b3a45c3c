import type { Learned } from '@drop-close/core';
import { leaningsInWords, surenessInWords } from './tasteWords';

const learned = (change: Partial<Learned>): Learned => ({
  weights: {} as Learned['weights'],
  agreement: { best: 20, of: 30, bestBalanced: 10, beats: 0.9 },
  consistent: true,
  leanings: [],
  ...change,
});

it('says what counts more and what less, by the names on the sliders', () => {
  const leanings = [
    { term: 'sound', more: true, sure: 1 },
    { term: 'resolution', more: true, sure: 1 },
    { term: 'hand', more: false, sure: 0.8 },
  ] as const;
  expect(leaningsInWords({ leanings })).toBe(
    '“Clear sound” and “Resolutions” count more for you, “Easy hands” less.',
  );
  expect(leaningsInWords({ leanings: leanings.slice(2) })).toBe('“Easy hands” counts less.');
  expect(leaningsInWords({ leanings: [] })).toBe('You choose much as the balance does.');
});

it('says how sure that is, and tells a player who contradicts themselves', () => {
  expect(surenessInWords(learned({}))).toBe('This is quite sure, from 30 choices.');
  const few = { best: 5, of: 10, bestBalanced: 4, beats: 0.9 };
  expect(surenessInWords(learned({ agreement: few }))).toBe(
    'This is a first guess, from 10 choices.',
  );
  expect(surenessInWords(learned({ consistent: false }))).toMatch(/different directions/);
});
