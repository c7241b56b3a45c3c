import { readPasted, type IncomingFields } from '@drop-close/core';

/** Eight bars to begin with, for whoever has none at hand. */
export const EXAMPLE = 'Cm7 | F7 | Bbmaj7 | Ebmaj7 | Am7b5 | D7b9 | Gm6 | G7b9';

/** What a player typed, as it will be a tune, and how it is told before it is one. */
export type OwnTune =
  | { readonly status: 'nothing' }
  | { readonly status: 'read'; readonly fields: IncomingFields; readonly told: string }
  | { readonly status: 'unreadable'; readonly why: string };

/** Changes as they are typed or pasted. Anything that can be read of them is enough to begin with. */
export function ownTuneOf(text: string): OwnTune {
  if (!text.trim()) return { status: 'nothing' };
  const [tune] = readPasted(text).tunes;
  if (!tune?.bars) {
    return {
      status: 'unreadable',
      why: 'No chords were found yet. Write them with bar lines between: Dm7 | G7 | Cmaj7',
    };
  }
  const [problem] = tune.problems;
  const bars = tune.bars === 1 ? 'One bar' : `${tune.bars} bars`;
  const told = problem ? `${bars}. To correct later: ${problem.message}` : `${bars}, read.`;
  return { status: 'read', fields: tune.fields, told };
}
