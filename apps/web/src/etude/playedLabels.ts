import type { Played } from '@drop-close/core';

/** How chords are played, as it is chosen. */
export const PLAYED_LABELS: Readonly<Record<Played, string>> = {
  chords: 'as chords',
  broken: 'note by note, skipping a string',
  enclosed: 'the top note, enclosed from above and below',
};
