import {
  midi,
  ticks,
  TICKS_PER_QUARTER,
  type ChartAnalysis,
  type ChartEvent,
  type HeldOver,
  type NoteName,
  type PitchedChord,
  type SoloLine,
} from '@drop-close/core';
import { nearestPitches } from '../../playback/tones';

export interface Bars {
  readonly fromBar: number;
  readonly toBar: number;
}

/** A chord of the run over which notes are held. */
export interface RunChord {
  readonly event: ChartEvent;
  readonly symbol: string;
  readonly chord: PitchedChord;
  /** The first of its pools. */
  readonly pool: readonly NoteName[];
}

/** The chords that sound in some bars, as the reader's part has them in its analysis. */
export const chordsIn = (
  { chords }: ChartAnalysis,
  events: readonly ChartEvent[],
  { fromBar, toBar }: Bars,
): RunChord[] =>
  events.flatMap((event, at): RunChord[] => {
    const told = chords[at];
    const { chord, bar } = event;
    if (!told || chord.kind !== 'chord' || bar < fromBar || bar > toBar) return [];
    return [{ event, symbol: told.symbol, chord, pool: told.scales[0]?.notes ?? [] }];
  });

export const SOURCES = ['Of the chords', 'Of their scales'] as const;
export type Source = (typeof SOURCES)[number];

export const notesOf = ({ chord, pool }: RunChord, source: Source): readonly NoteName[] =>
  source === 'Of their scales' ? pool : chord.tones.map(({ note }) => note);

/** The first voice begins near this pitch, each further one a fourth lower. */
const FIRST = 69;
const BETWEEN = 5;
const VELOCITY = 80;

/** The lines as they are held: each note from its first chord to the end of its last. */
export function lineOf(
  lines: readonly (readonly HeldOver[])[],
  chords: readonly RunChord[],
  above: number,
): SoloLine {
  const inTicks = (quarters: number) => ticks(Math.round(quarters * TICKS_PER_QUARTER));
  const notes = lines.flatMap((line, voice) => {
    const pitches = nearestPitches(
      line.map(({ note }) => note),
      FIRST + above - voice * BETWEEN,
    );
    return line.map(({ from, to }, at) => {
      const begin = chords[from]!.event.at;
      const last = chords[to]!.event;
      return {
        midi: midi(pitches[at]! - above),
        at: inTicks(begin),
        length: inTicks(last.at + last.length - begin),
        velocity: VELOCITY,
      };
    });
  });
  return { notes, written: true };
}
