import type { WrittenNote } from '@drop-close/core';
import { type RenderContext, StaveTie, type StemmableNote } from 'vexflow/bravura';
import { tieSide } from './tieSide';
import type { Engraved, OpenTies } from './types';

/** From each note that is tied on to the next of its pitch; from the margin where that was on the line before. */
export function drawTies(
  context: RenderContext,
  staff: number,
  engraved: readonly Engraved[],
  ties: OpenTies,
): void {
  for (const { moment, note } of engraved) {
    const sideOf = sidesOf(note, moment.notes);
    moment.notes.forEach((each, index) => {
      const name = `${staff} ${each.midi}`;
      const from = ties.get(name);
      if (each.tiedFrom) {
        const begins = from && { firstNote: from.note, firstIndexes: [from.index] };
        const tie = new StaveTie({ ...begins, lastNote: note, lastIndexes: [index] });
        tie.setDirection(from?.side ?? sideOf(each, 'tiedFrom'));
        tie.setContext(context).draw();
      }
      ties.delete(name);
      if (each.tiedTo) ties.set(name, { note, index, side: sideOf(each, 'tiedTo') });
    });
  }
}

/** On which side ties to the chord, or from it, curve. */
const sidesOf =
  (note: StemmableNote, notes: readonly WrittenNote[]) =>
  (each: WrittenNote, tied: 'tiedFrom' | 'tiedTo') =>
    tieSide(
      notes.filter((own) => own[tied]),
      each,
      note.getStemDirection(),
    );

/** What is tied over the end of a line goes to its margin. */
export function drawOpenTies(context: RenderContext, ties: OpenTies): void {
  for (const { note, index, side } of ties.values()) {
    const tie = new StaveTie({ firstNote: note, firstIndexes: [index] });
    tie.setDirection(side).setContext(context).draw();
  }
}
