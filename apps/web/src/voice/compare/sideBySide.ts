import { bandPlan, type BandPlan, type Feel } from '@drop-close/core';
import type { VoicedChorus } from '../../engine/protocol';

/** Bars that are heard of each. */
const BARS = 4;

/** The same bars of one chorus after another. */
export function sideBySidePlan(
  choruses: readonly VoicedChorus[],
  fromBar: number,
  { feel, tempo }: { readonly feel: Feel; readonly tempo: number },
): BandPlan {
  let begin = 0;
  const notes = choruses.flatMap(({ timeline, outcome }) => {
    const path = outcome.status === 'found' ? outcome.path : [];
    const plan = bandPlan({ timeline, path, feel, tempo, fromBar, toBar: fromBar + BARS - 1 });
    const placed = plan.notes.map((note) => ({ ...note, at: note.at + begin }));
    begin += plan.length;
    return placed;
  });
  return { notes, length: begin, pickup: 0 };
}
