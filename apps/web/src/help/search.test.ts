import { found, type Task } from './search';

const task = (title: string, ...steps: string[]): Task => ({
  ...{ id: title, title, steps, picture: '', about: '' },
});
const TWO = [
  task('Find voicings', 'L locks one', 'Space plays'),
  task('Practise', 'An étude in all keys', 'Space plays'),
];

it('every word must be said somewhere; of the steps those stay that say one', () => {
  expect(found(TWO, 'locks')).toEqual([{ ...TWO[0]!, steps: ['L locks one'] }]);
  expect(found(TWO, 'space locks')[0]!.steps).toHaveLength(2);
  expect(found(TWO, 'locks étude')).toEqual([]);
});

it('a title that says it keeps all of its steps; accents and case do not matter', () => {
  expect(found(TWO, 'VOICINGS')).toEqual([TWO[0]]);
  expect(found(TWO, 'etude')).toHaveLength(1);
  expect(found(TWO, ' ')).toEqual(TWO);
});
