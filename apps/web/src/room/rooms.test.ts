import { rooms, type Room } from '@drop-close/core';
import { adjusted, isAdjusted, ownRoom } from './rooms';

it('keeps the middle inside the register when that is dragged over it', () => {
  const room = adjusted(rooms.bass, { window: { low: 64, high: 79 } });
  expect(room.centre).toEqual({ low: 64, high: 68 });
  const above = adjusted(rooms.bass, { window: { low: 70, high: 79 } });
  expect(above.centre).toEqual({ low: 70, high: 71 });
});

it('leaves the rest of the room as it is', () => {
  expect(adjusted(rooms.bass, { mostNotes: 3 })).toEqual({ ...rooms.bass, mostNotes: 3 });
});

it('tells whether a tune has adjusted its room', () => {
  expect(isAdjusted(rooms.bass, [])).toBe(false);
  const inAnotherOrder = Object.fromEntries(
    Object.entries(rooms.bass).reverse(),
  ) as unknown as Room;
  expect(isAdjusted(inAnotherOrder, [])).toBe(false);
  expect(isAdjusted({ ...rooms.bass, mostNotes: 3 }, [])).toBe(true);
  const mine = ownRoom(rooms.bass, 'The cellar', []);
  expect(isAdjusted(mine, [mine])).toBe(false);
});

it('gives a room of one’s own a name that no other has', () => {
  const first = ownRoom(rooms.bass, ' The cellar ', []);
  expect(first).toMatchObject({ id: 'The cellar', label: 'The cellar' });
  expect(ownRoom(rooms.alone, 'The cellar', [first]).id).toBe('The cellar 2');
});
