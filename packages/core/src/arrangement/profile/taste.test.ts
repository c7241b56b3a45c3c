import { TERM_IDS } from '../../connect/base/types';
import { choicesIn, mergedTaste, MOST_CHOICES, noTaste, withChoice, withoutLatest } from './taste';

const costs = (first: number): number[] => TERM_IDS.map((_, at) => first + at);
const choice = (first: number) => ({
  chosen: costs(first),
  others: [costs(first + 50), costs(first + 90)],
});

it('keeps choices as they were made, the latest last', () => {
  const taste = withChoice(withChoice(noTaste, choice(1)), choice(2));
  expect(choicesIn(taste)).toEqual([choice(1), choice(2)]);
  expect(taste.choices[0]!.others).toHaveLength(2 * TERM_IDS.length);
});

it('takes the latest choice back', () => {
  const taste = withChoice(withChoice(noTaste, choice(1)), choice(2));
  expect(choicesIn(withoutLatest(taste))).toEqual([choice(1)]);
  expect(withoutLatest(noTaste)).toEqual(noTaste);
});

it('lets the oldest go when there are too many', () => {
  let taste = noTaste;
  for (let each = 0; each < MOST_CHOICES + 3; each += 1) taste = withChoice(taste, choice(each));
  expect(taste.choices).toHaveLength(MOST_CHOICES);
  expect(choicesIn(taste)[0]).toEqual(choice(3));
});

it('reads choices that were made before there were as many terms', () => {
  const before = {
    learning: true,
    terms: ['sound', 'motion'],
    choices: [{ chosen: [7, 9], others: [1, 2, 3, 4] }],
  } as const;
  const [read] = choicesIn(before);
  const at = (id: (typeof TERM_IDS)[number]) => TERM_IDS.indexOf(id);
  expect(read!.chosen[at('motion')]).toBe(9);
  expect(read!.chosen[at('sound')]).toBe(7);
  expect(read!.chosen[at('hand')]).toBe(0);
  expect(read!.others.map((other) => other[at('motion')])).toEqual([2, 4]);
});

it('brings the choices of two places together, each once', () => {
  const here = withChoice(withChoice(noTaste, choice(1)), choice(2));
  const there = withChoice(withChoice(noTaste, choice(1)), choice(3));
  expect(choicesIn(mergedTaste(here, there))).toEqual([choice(1), choice(2), choice(3)]);
});
