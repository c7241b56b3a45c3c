import type { PlayedNote } from '@drop-close/core';
import { same } from '../../document/convert';

/** The notes with one put down; the same place again takes it off, another on its string moves it. */
export function toggled(played: readonly PlayedNote[], note: PlayedNote): PlayedNote[] {
  const isIt = (other: PlayedNote): boolean => same(other, note);
  if (played.some(isIt)) return played.filter((other) => !isIt(other));
  const kept = played.filter((other) => 'pitch' in other === 'pitch' in note);
  if ('pitch' in note) return [...kept, note];
  return [...kept.filter((other) => 'string' in other && other.string !== note.string), note];
}
