import { TICKS_PER_QUARTER, type PlayedBar, type ToldLine } from '@drop-close/core';

export interface MelodyHead {
  /** Position among the notes of the line. */
  readonly at: number;
  readonly x: number;
  readonly y: number;
  /** Where the note ends. */
  readonly until: number;
}

export interface MelodyChordMark {
  readonly symbol: string;
  readonly x: number;
}

/** Some bars of a line on one row. */
export interface MelodySystem {
  readonly bars: readonly { readonly number: number; readonly x: number; readonly width: number }[];
  readonly chords: readonly MelodyChordMark[];
  readonly heads: readonly MelodyHead[];
}

/** Room for a note's degree. */
const NOTE_WIDTH = 24;
const MOST_BARS = 4;
/** Rows of pitches, in pixels a half step, with room for degrees above and arrows below. */
export const MELODY = { top: 44, step: 4, bottom: 26, left: 6 } as const;

/** How many bars fit in a row so that the fullest has room for its degrees: 4, 2 or 1. */
export function barsInRow(
  { notes, bars }: Pick<ToldLine, 'notes' | 'bars'>,
  width: number,
): number {
  const fullest = Math.max(
    1,
    ...bars.map((bar, at) => {
      const [from, to] = [bar.at, bars[at + 1]?.at ?? Infinity];
      return notes.filter((note) => isWithin(note.at / TICKS_PER_QUARTER, from, to)).length;
    }),
  );
  const fitting = Math.floor(width / (fullest * NOTE_WIDTH));
  return fitting >= MOST_BARS ? MOST_BARS : fitting >= 2 ? 2 : 1;
}

const isWithin = (quarter: number, from: number, to: number): boolean =>
  quarter >= from - 1 / 8 && quarter < to - 1 / 8;

/** A line in rows of bars, its notes by time and pitch; rows without a note at either end of the line are left out. */
export function layoutMelody(line: ToldLine, width: number): MelodySystem[] {
  const { notes, chords, bars } = line;
  const each = barsInRow(line, width);
  const highest = Math.max(...notes.map(({ midi }) => midi));
  const rows: (readonly PlayedBar[])[] = [];
  const pickup = bars[0]?.number === 0 ? 1 : 0;
  for (let at = 0; at < bars.length; at += rows.length === 1 ? each + pickup : each) {
    rows.push(bars.slice(at, at + each + (at === 0 ? pickup : 0)));
  }
  return rows.map((row) => {
    const from = row[0]!.at;
    const last = bars.indexOf(row.at(-1)!);
    const to = bars[last + 1]?.at ?? endOf(row.at(-1)!);
    const x = (quarter: number): number =>
      MELODY.left + ((quarter - from) / (to - from)) * (width - 2 * MELODY.left);
    return {
      bars: row.map((bar, at) => {
        const end = row[at + 1]?.at ?? to;
        return { number: bar.number, x: x(bar.at), width: x(end) - x(bar.at) };
      }),
      chords: chords.flatMap(({ chord, at }) =>
        chord && at >= from && at < to ? [{ symbol: chord.symbol, x: x(at) }] : [],
      ),
      heads: notes.flatMap(({ midi, at, length }, position): MelodyHead[] => {
        const quarter = at / TICKS_PER_QUARTER;
        if (!isWithin(quarter, from, to)) return [];
        const begin = x(Math.max(from, quarter)) + NOTE_WIDTH / 2;
        const until = Math.min(width, x(quarter + length / TICKS_PER_QUARTER));
        const y = MELODY.top + (highest - midi) * MELODY.step;
        return [{ at: position, x: begin, y, until: Math.max(begin, until) }];
      }),
    };
  });
}

const endOf = ({ at, meter }: PlayedBar): number => at + (meter.beats * 4) / meter.unit;

/** How high a row is. */
export function heightOf({ notes }: Pick<ToldLine, 'notes'>): number {
  const pitches = notes.map(({ midi }) => midi);
  const span = Math.max(...pitches) - Math.min(...pitches);
  return MELODY.top + span * MELODY.step + MELODY.bottom;
}
