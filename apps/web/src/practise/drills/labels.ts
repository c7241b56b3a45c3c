import type { DrillId } from '@drop-close/core';

/** What each drill asks for, as it is chosen. */
export const DRILL_LABELS: Readonly<Record<DrillId, string>> = {
  'name the degree': 'Name the degree',
  'spell the chord': 'Spell the chord',
  'find the guide tones': 'Find the guide tones',
  'which voice was dropped': 'Which voice was dropped',
  'from numbers': 'From numbers to another key',
  'nearest next grip': 'The nearest next grip',
  'which voice moved': 'By ear: which voice moved',
  'what is on top': 'By ear: what is on top',
};
