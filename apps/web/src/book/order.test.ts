import type { SetView } from '@drop-close/core';
import { moved, withTune, withoutPlace } from './order';

const set: SetView = { id: 's', name: 'First set', tuneIds: ['a', 'b', 'c', 'b'], version: 1 };

it('puts a tune at the end, one that is there already as well', () => {
  expect(withTune(set, 'a').tuneIds).toEqual(['a', 'b', 'c', 'b', 'a']);
});
it('takes out the tune at one place and leaves it at the others', () => {
  expect(withoutPlace(set, 1).tuneIds).toEqual(['a', 'c', 'b']);
});
it('moves a tune up and down the order', () => {
  expect(moved(set, 0, 2).tuneIds).toEqual(['b', 'c', 'a', 'b']);
  expect(moved(set, 3, 0).tuneIds).toEqual(['b', 'a', 'b', 'c']);
  expect(moved(set, 9, 0)).toBe(set);
});
