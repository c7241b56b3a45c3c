import type { Announcements, UniqueIdentifier } from '@dnd-kit/core';

/**
 * What is said of a drag to someone who does not see it, in the names of what is dragged.
 * @param nameOf name of something that is dragged or dropped on, by its id: “Ebb at Nine”, bar 3
 */
export function spokenDrag(nameOf: (id: UniqueIdentifier) => string): Announcements {
  const over = (id: UniqueIdentifier | undefined): string =>
    id === undefined ? 'over nothing' : `over ${nameOf(id)}`;
  return {
    onDragStart: ({ active }) => `${nameOf(active.id)} picked up`,
    onDragOver: ({ active, over: target }) => `${nameOf(active.id)} is ${over(target?.id)}`,
    onDragEnd: ({ active, over: target }) => `${nameOf(active.id)} dropped ${over(target?.id)}`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was`,
  };
}
