/** The chorus that is measured: 32 bars AABA with two chords a bar, and its candidates. */
import { chordsInContext, parseChart, type Chord } from '@drop-close/core';

const A = '| Dm7 G7 | Cmaj7 Am7 | Dm7 G7 | Em7 A7 | Dm7 G7 | Gm7 C7 | Fmaj7 Bb7 | Cmaj7 A7 |';
const B = '| Gm7 C7 | Fmaj7 Dm7 | Gm7 C7 | Fmaj7 D7 | Am7 D7 | Gmaj7 Em7 | Am7 D7 | Dm7 G7 |';

/** The changes of one chorus as typed. */
export const chorusText = (): string => [A, A, B, A].join('\n');

/** So many choruses of 64 chords. */
export const chorus = (times = 1): Chord[] =>
  chordsInContext(parseChart(`key: C\n${`${chorusText()}\n`.repeat(times)}`).chart);
