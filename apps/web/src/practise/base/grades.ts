import type { Grade } from '@drop-close/core';

/** How the four grades are said to a player, and their keys. */
export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  again: 'Missed',
  hard: 'Hard',
  good: 'Good',
  easy: 'Easy',
};
