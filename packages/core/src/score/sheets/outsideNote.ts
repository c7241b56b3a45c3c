import { READERS, type ReaderId } from '../readers';
import type { Sheet } from './types';

/**
 * What a reader should know of notes outside the range of the instrument; nothing where all lie within.
 * @example outsideNote('Rope', { outside: [] }, 'tenor') // []
 */
export function outsideNote(
  title: string,
  { outside }: Pick<Sheet, 'outside'>,
  reader: ReaderId,
): string[] {
  if (!outside.length) return [];
  const notes = outside.length === 1 ? 'a note' : `${outside.length} notes`;
  return [`${title} has ${notes} outside the range of ${READERS[reader].label}.`];
}
