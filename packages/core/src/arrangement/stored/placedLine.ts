import { barKey, type BarPlace } from '../../chart/placeTypes';
import { quartersInBar } from '../../chart/meter';
import type { PlayedBar } from '../../chart/playOrder';
import type { SoloLine, SoloNote } from '../../comp/solo/types';
import { inTicks } from '../../comp/base/time';
import { midi, ticks, type Ticks } from '../../base/units';
import { movedBetween } from './fit';
import type { Positions } from './positions';

/** A bar that a line was played over, and how long it was then. */
export interface LineBar extends BarPlace {
  readonly length: Ticks;
}

/**
 * What a solo line was played over: every bar of one chorus in order, and the key of that time. With it
 * the notes of a line stay as they were played, and edits of the chart leave the line alone.
 */
export interface LineFrame {
  /** How far the tune had been transposed, 0..11. */
  readonly transposed: number;
  /** Whether the first bar is a pickup. */
  readonly pickup: boolean;
  readonly bars: readonly LineBar[];
}

/** A line where it is in the chorus as it is now. */
export interface FittedLine {
  readonly line: SoloLine;
  /** Notes of bars that the chorus does not have, as they were played. */
  readonly unfit: readonly SoloNote[];
}

/** What a line over the chorus as it is now is played over. */
export function frameOf({ timeline: { bars }, transposed }: Positions): LineFrame {
  return {
    transposed,
    pickup: bars[0]?.number === 0,
    bars: bars.map(({ place, meter }) => ({ ...place, length: inTicks(quartersInBar(meter)) })),
  };
}

/** A line as it was kept, each note in its bar of the chorus as it is now and in its key. */
export function fitLine(line: SoloLine, frame: LineFrame, positions: Positions): FittedLine {
  const placeOf = placesIn(frame);
  const bars = barsByPlace(positions);
  const chorus = inTicks(positions.timeline.length);
  const moved = movedBetween(frame.transposed, positions.transposed);
  const unfit: SoloNote[] = [];
  const notes = line.notes.flatMap((note): SoloNote[] => {
    const place = placeOf(note.at);
    const bar = place && bars.get(place.key);
    if (!bar || !holds(bar, place.after) || (bar.number === 0 && place.chorus > 0)) {
      unfit.push(note);
      return [];
    }
    const at = ticks(inTicks(bar.at) + place.chorus * chorus + place.after);
    return [{ ...note, midi: midi(note.midi + moved), at }];
  });
  return { line: { ...line, notes: apart(notes, line.notes) }, unfit };
}

/** Bars of a line that have no place in the chorus as it is now, next to each other, and their notes. */
export interface LostBars {
  /** By their position in the frame. */
  readonly bars: readonly number[];
  readonly notes: readonly SoloNote[];
}

/** The notes that `fitLine` finds no place for, by the runs of bars they were played in. */
export function lostBarsOf(line: SoloLine, frame: LineFrame, positions: Positions): LostBars[] {
  const placeOf = placesIn(frame);
  const lost = new Map<number, SoloNote[]>();
  for (const note of fitLine(line, frame, positions).unfit) {
    const index = placeOf(note.at)?.index ?? 0;
    lost.set(index, [...(lost.get(index) ?? []), note]);
  }
  const runs: { bars: number[]; notes: SoloNote[] }[] = [];
  for (const [index, notes] of [...lost].sort(([a], [b]) => a - b)) {
    const run = runs.at(-1);
    if (run?.bars.at(-1) === index - 1) {
      run.bars.push(index);
      run.notes.push(...notes);
    } else {
      runs.push({ bars: [index], notes: [...notes] });
    }
  }
  return runs;
}

/**
 * The frame with lost bars moved to where the player is: the first to the bar with this number, those that
 * follow it to the bars that follow; the notes keep their places in their bars.
 * @param number of a bar in the one chorus
 */
export function putBarsBack(
  frame: LineFrame,
  { bars }: LostBars,
  number: number,
  { timeline }: Positions,
): LineFrame {
  const from = timeline.bars.findIndex((bar) => bar.number === number);
  const first = bars[0] ?? 0;
  return {
    ...frame,
    bars: frame.bars.map((bar, index) => {
      const there = bars.includes(index) ? timeline.bars[from + index - first] : undefined;
      return there ? { ...there.place, length: bar.length } : bar;
    }),
  };
}

const barsByPlace = ({ timeline }: Positions): ReadonlyMap<string, PlayedBar> =>
  new Map(timeline.bars.map((bar) => [barKey(bar.place), bar]));

const holds = ({ meter }: PlayedBar, after: number): boolean =>
  after < inTicks(quartersInBar(meter));

interface NotePlace {
  readonly key: string;
  /** Of the bar in the frame. */
  readonly index: number;
  readonly chorus: number;
  /** Ticks after its bar begins; below 0 before the first bar. */
  readonly after: number;
}

/** Finds the bar of a moment; what comes before the first bar is told from its beginning. */
function placesIn({ bars, pickup }: LineFrame): (at: number) => NotePlace | undefined {
  const counted = pickup ? bars.slice(1) : bars;
  const total = counted.reduce((sum, { length }) => sum + length, 0);
  return (at) => {
    const first = bars[0];
    if (at < 0 && first) {
      return { key: barKey(first), index: 0, chorus: 0, after: pickup ? at + first.length : at };
    }
    if (!total) return undefined;
    const chorus = Math.floor(at / total);
    let after = at - chorus * total;
    for (const [place, bar] of counted.entries()) {
      const index = pickup ? place + 1 : place;
      if (after < bar.length) return { key: barKey(bar), index, chorus, after };
      after -= bar.length;
    }
    return undefined;
  };
}

/** In order of time; where bars have come nearer to each other, a note ends where the next one begins. */
function apart(notes: readonly SoloNote[], played: readonly SoloNote[]): SoloNote[] {
  const oneAtATime = played.every((note, at) => {
    const next = played[at + 1];
    return !next || note.at + note.length <= next.at;
  });
  const inOrder = [...notes].sort((a, b) => a.at - b.at || a.midi - b.midi);
  if (!oneAtATime) return inOrder;
  return inOrder.map((note, at) => {
    const next = inOrder[at + 1];
    const room = next ? next.at - note.at : Infinity;
    return room > 0 && room < note.length ? { ...note, length: ticks(room) } : note;
  });
}
