import type { Timeline } from '../chart/timeline';
import { inTicks, swung } from '../comp/base/time';
import type { SoloLine, SoloNote } from '../comp/solo/types';
import { ticks, type Quarters } from '../base/units';

/**
 * A line as it is heard over some choruses: swung where it is written straight, and from its beginning
 * again after as many whole choruses as it lasts.
 * @param chorus length of one chorus
 * @param all all choruses
 */
export function swungLine(
  { notes, written }: SoloLine,
  { length: chorus }: Pick<Timeline, 'length'>,
  all: Pick<Timeline, 'length' | 'bars'>,
  offbeat: number,
): SoloNote[] {
  const swings = written && all.bars.every(({ meter }) => meter.unit === 4);
  const heard = swings ? notes.map((note) => swungNote(note, offbeat)) : notes;
  const each = inTicks(chorus);
  const lasts = chorusesOf(notes, chorus) * each;
  const stop = inTicks(all.length);
  const times = each > 0 ? Math.ceil(stop / lasts) : 0;
  return Array.from({ length: times }, (_, time) =>
    heard
      .filter(({ at }) => time === 0 || at >= 0)
      .map((note) => ({ ...note, at: ticks(note.at + time * lasts) })),
  )
    .flat()
    .filter(({ at }) => at < stop)
    .sort((a, b) => a.at - b.at || a.midi - b.midi);
}

/** A line may hang over the end of a chorus by so much of it. */
const HANGS_OVER = 1 / 8;

/**
 * How many choruses a line takes, at least one; what hangs over its last by an eighth of a chorus or less begins no other.
 * @param chorus its length, in quarters
 */
export function chorusesOf(notes: readonly SoloNote[], chorus: Quarters): number {
  const each = inTicks(chorus);
  const end = Math.max(0, ...notes.map(({ at, length }) => at + length));
  return each > 0 ? Math.max(1, Math.ceil(end / each - HANGS_OVER)) : 1;
}

function swungNote(note: SoloNote, offbeat: number): SoloNote {
  const at = swung(note.at, offbeat);
  return { ...note, at, length: ticks(swung(ticks(note.at + note.length), offbeat) - at) };
}
