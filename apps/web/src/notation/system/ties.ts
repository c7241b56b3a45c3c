import { type RenderContext, StaveTie } from 'vexflow/bravura';
import type { Engraved, OpenTies } from './types';

/** From each note that is tied on to the next of its pitch; from the margin where that was on the line before. */
export function drawTies(
  context: RenderContext,
  staff: number,
  engraved: readonly Engraved[],
  ties: OpenTies,
): void {
  for (const { moment, note } of engraved) {
    moment.notes.forEach(({ midi, tiedFrom, tiedTo }, index) => {
      const name = `${staff} ${midi}`;
      const from = ties.get(name);
      if (tiedFrom) {
        const begins = from && { firstNote: from.note, firstIndexes: [from.index] };
        const tie = { ...begins, lastNote: note, lastIndexes: [index] };
        new StaveTie(tie).setContext(context).draw();
      }
      ties.delete(name);
      if (tiedTo) ties.set(name, { note, index });
    });
  }
}

/** What is tied over the end of a line goes to its margin. */
export function drawOpenTies(context: RenderContext, ties: OpenTies): void {
  for (const { note, index } of ties.values()) {
    new StaveTie({ firstNote: note, firstIndexes: [index] }).setContext(context).draw();
  }
}
