import { slotStarts } from './meter';
import type { Slot } from './types';

/** What cannot be played in a bar as it is written, and what would be right; none when all is well. */
export function barProblems(slots: readonly Slot[], beats: number, startsChart: boolean): string[] {
  const has = (kind: Slot['kind']): boolean => slots.some((slot) => slot.kind === kind);
  const problems: string[] = [];
  if (slots.length > 1 && has('repeat bar')) {
    problems.push('% repeats a whole bar, so it stands alone between its bar lines.');
  }
  if (startsChart && (slots[0]?.kind === 'hold' || slots[0]?.kind === 'repeat bar')) {
    problems.push('Nothing stands before the first bar that could be repeated or held.');
  }
  if (!slotStarts(slots.length, beats).certain) {
    const inBeats = `${beats} ${beats === 1 ? 'beat' : 'beats'}`;
    problems.push(
      `${slots.length} chords in ${inBeats}: put a . for every beat on which a chord is held, as Dm7 . G7 C7.`,
    );
  }
  return problems;
}
