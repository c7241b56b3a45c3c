import { same } from '../document/convert';
import { rooms, type PitchRange, type Room } from '@drop-close/core';

/** The five rooms and the player's own. */
export const allRooms = (own: readonly Room[]): Room[] => [...Object.values(rooms), ...own];

/** The room as it was before this tune adjusted it; none where the player has thrown it away. */
export const roomAsKept = (room: Room, own: readonly Room[]): Room | undefined =>
  allRooms(own).find(({ id }) => id === room.id);

export const isAdjusted = (room: Room, own: readonly Room[]): boolean => {
  const kept = roomAsKept(room, own);
  return !kept || !same(kept, room);
};

const clamp = (value: number, { low, high }: PitchRange): number =>
  Math.min(Math.max(value, low), high);

/** A room with some of it changed; its middle stays inside its register. */
export function adjusted(room: Room, change: Partial<Room>): Room {
  const next = { ...room, ...change };
  const { window } = next;
  if (change.window === undefined || window.low >= window.high) return next;
  const centre = {
    low: clamp(next.centre.low, { low: window.low, high: window.high - 1 }),
    high: clamp(next.centre.high, { low: window.low + 1, high: window.high }),
  };
  return { ...next, centre };
}

/** A room of the player's own, under a name that none has yet. */
export function ownRoom(room: Room, label: string, own: readonly Room[]): Room {
  const taken = new Set(allRooms(own).map(({ id }) => id));
  const base = label.trim();
  let id = base;
  for (let count = 2; taken.has(id); count += 1) id = `${base} ${count}`;
  return { ...room, id, label: id };
}
