import {
  inQuarters,
  quartersInBar,
  type LayerNote,
  type PassNote,
  type Timeline,
} from '@drop-close/core';
import type { PitchScale } from '../../ui/pitchScale';
import type { BarColumn, Point, SystemLayout } from '../../voice/threads/threadLayout';

/** Of a half step, in pixels, least and most; of the whole line. */
const LEAST = 4;
const MOST = 8;
const HEIGHT = 120;
/** For a note name over the highest and under the lowest note, in pixels. */
const MARGIN = 26;

/** A vertical scale on which all of a line is seen. */
export function lineScale(line: readonly LayerNote[]): PitchScale {
  if (!line.length) return { height: 0, y: () => 0, midi: () => 60 };
  const pitches = line.map(({ midi }) => midi as number);
  const [low, high] = [Math.min(...pitches), Math.max(...pitches)];
  const unit = Math.min(MOST, Math.max(LEAST, HEIGHT / Math.max(1, high - low)));
  return {
    height: (high - low) * unit + 2 * MARGIN,
    y: (midi) => (high - midi) * unit + MARGIN,
    midi: (y) => Math.round(high - (y - MARGIN) / unit),
  };
}

export interface LineHead extends Point {
  readonly note: LayerNote;
  /** Position in the line. */
  readonly at: number;
  /** Where it ends. */
  readonly until: number;
}

/** From the bar line to the first note, and from the last to the next bar line, in pixels. */
const INSET = 14;

/** The notes of a line that lie in a system, each at its time and pitch. */
export function lineHeads(
  line: readonly LayerNote[],
  { bars }: SystemLayout,
  timeline: Timeline,
  scale: PitchScale,
): LineHead[] {
  const columns = new Map(bars.map((bar) => [bar.number, bar]));
  const played = timeline.bars.flatMap((bar) => {
    const column = columns.get(bar.number);
    return column ? [{ at: bar.at, length: quartersInBar(bar.meter), column }] : [];
  });
  return line.flatMap((note, at) => {
    const begin = inQuarters(note.at);
    const bar = played.find(
      (each) => begin >= each.at - NEARLY && begin < each.at + each.length - NEARLY,
    );
    if (!bar) return [];
    const x = xIn(bar.column, (begin - bar.at) / bar.length);
    const share = (begin - bar.at + inQuarters(note.length)) / bar.length;
    return [{ note, at, x, y: scale.y(note.midi), until: xIn(bar.column, Math.min(1, share)) }];
  });
}

/** Times are counted in ticks and in quarters. */
const NEARLY = 1e-6;

const xIn = ({ x, width }: BarColumn, share: number): number =>
  x + INSET + share * (width - INSET - 4);

/** As far as swing moves a note, and no farther, in quarters. */
const SWUNG = 0.3;

/**
 * Which notes of a line were missed in a time round, as positions in the line.
 * @param missing times in quarters from where the round begins
 * @param from where that is in the chorus, in quarters
 */
export const missedNotes = (
  line: readonly LayerNote[],
  missing: readonly PassNote[],
  from: number,
): ReadonlySet<number> =>
  new Set(
    missing.flatMap(({ at }) => {
      const found = line.findIndex((note) => Math.abs(inQuarters(note.at) - from - at) < SWUNG);
      return found < 0 ? [] : found;
    }),
  );
