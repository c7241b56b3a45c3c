import { quarters } from '../base/units';
import type { Chorus } from '../arrangement/chorus/chorus';
import type { Return } from '../arrangement/chorus/returns';
import { countedBars, type ChartEvent, type Timeline } from '../chart/timeline';
import type { Chord } from '../chord/types';
import type { LedInto, MovedChord } from '../movement/types';

/** Where a chord of several choruses comes from. */
export interface Origin {
  /** Which time through, from 0. */
  readonly chorus: number;
  /** Position in the one chorus, parts of split chords counted; missing where a device has put it in. */
  readonly at?: number;
  /** What a device asks of it. */
  readonly moved?: MovedChord;
  /** Where its device begins, as an event of all choruses. */
  readonly deviceFrom?: number;
  /** What a device that leads into it asks of it. */
  readonly ledInto?: LedInto;
}

/** Several choruses in a row, as one long one. */
export interface Choruses extends Chorus {
  /** One for each event. */
  readonly origins: readonly Origin[];
  /** How many times through. */
  readonly times: number;
  /** Bars of one chorus, a pickup not counted. */
  readonly barsEach: number;
}

/** One chord of several choruses, before it is numbered. */
export interface Piece {
  readonly event: ChartEvent;
  readonly chord: Chord;
  readonly origin: Origin;
}

/** A chorus so many times, one after the other. A pickup sounds before the first only. */
export function framed(chorus: Chorus, times: number): Choruses {
  const pieces = Array.from({ length: times }, (_, time) => piecesOf(chorus, time)).flat();
  return numbered(chorus, times, pieces);
}

function piecesOf({ timeline, chords }: Chorus, time: number): Piece[] {
  const barsEach = countedBars(timeline).length;
  return timeline.events.flatMap((event, at) => {
    if (time > 0 && event.at < 0) return [];
    const later = {
      ...event,
      bar: event.bar + time * barsEach,
      at: quarters(event.at + time * timeline.length),
    };
    return [{ event: time ? later : event, chord: chords[at]!, origin: { chorus: time, at } }];
  });
}

/** Pieces numbered: what the one chorus says of its events is said of them where they have come to stand. */
export function numbered(chorus: Chorus, times: number, pieces: readonly Piece[]): Choruses {
  const positions = new Map(
    pieces.flatMap(({ origin: { chorus: time, at } }, position) =>
      at === undefined ? [] : [[`${time} ${at}`, position] as const],
    ),
  );
  const placed = (time: number, at: number): number | undefined => positions.get(`${time} ${at}`);
  return {
    ...chorus,
    timeline: longTimeline(chorus.timeline, times, pieces),
    chords: pieces.map(({ chord }) => chord),
    phraseEnds: phraseEndsOf(chorus, times, pieces),
    returns: pieces.map(({ origin: { chorus: time, at } }) =>
      (at === undefined ? [] : chorus.returns[at]!).flatMap((before): Return[] => {
        const moved = placed(time, before.at);
        return moved === undefined ? [] : [{ ...before, at: moved }];
      }),
    ),
    origins: pieces.map(({ origin }) => origin),
    times,
    barsEach: countedBars(chorus.timeline).length,
  };
}

function longTimeline(
  { bars, length }: Timeline,
  times: number,
  pieces: readonly Piece[],
): Timeline {
  const counted = bars.filter(({ number }) => number > 0);
  const later = Array.from({ length: times - 1 }, (_, before) =>
    counted.map((bar) => ({
      ...bar,
      number: bar.number + (before + 1) * counted.length,
      at: quarters(bar.at + (before + 1) * length),
    })),
  ).flat();
  return {
    bars: later.length ? [...bars, ...later] : bars,
    events: pieces.map(({ event }) => event),
    length: quarters(length * times),
  };
}

/** The end of a phrase is where its last chord or what stands for it ends. */
function phraseEndsOf(
  { phraseEnds, timeline }: Chorus,
  times: number,
  pieces: readonly Piece[],
): number[] {
  const ends = new Set<number>();
  for (let time = 0; time < times; time += 1) {
    for (const at of phraseEnds) {
      const event = timeline.events[at]!;
      ends.add(event.at + event.length + time * timeline.length);
    }
  }
  return pieces.flatMap(({ event }, position) =>
    ends.has(event.at + event.length) ? [position] : [],
  );
}
