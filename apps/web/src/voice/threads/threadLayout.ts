import type { PitchScale } from '../../ui/pitchScale';
import type {
  Change,
  MotionKind,
  PitchRange,
  PlayedBar,
  Timeline,
  Voicing,
} from '@drop-close/core';
import { DEFAULT_ZOOM, zooms, type Zoom } from './zoom';

const LEFT = 34;
const RIGHT = 8;
/** From the bar line to the first chord of a bar, where there is room. */
const INSET = 18;
/** The last stretch before a chord, where a voice turns to its next pitch. */
const TURN = 26;
const HEAD = 10;
/** A pickup, in widths of a bar. */
const PICKUP_WIDTH = 0.45;

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** One piece of a thread. Held stretches lie flat, turns lead to the next pitch. */
export interface Strand {
  readonly kind: MotionKind | 'sounding';
  readonly from: Point;
  readonly to: Point;
  /** Position of the voice in its voicing, bottom to top. */
  readonly voice: number;
  /** The chord this strand leads away from. */
  readonly chord: number;
}

export interface ChordColumn {
  /** Position among the chords of the chorus. */
  readonly index: number;
  readonly x: number;
  /** To the next chord or the end of the system. */
  readonly width: number;
  /** Where each voice sits, bottom to top. */
  readonly heads: readonly Point[];
}

export interface BarColumn {
  /** From 1; a pickup is 0. */
  readonly number: number;
  readonly x: number;
  readonly width: number;
  readonly section?: string;
}

export interface SystemLayout {
  readonly bars: readonly BarColumn[];
  readonly chords: readonly ChordColumn[];
  readonly strands: readonly Strand[];
}

export interface ThreadScore {
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
}

/** Half steps shown beyond the room's register and the voices. */
const MARGIN = 2;

/** One vertical scale for the whole chorus, so that its rise and fall is seen, and where it lies in the room. */
export function threadScale(
  path: readonly Voicing[],
  window: PitchRange,
  { height, least, most }: Zoom = zooms[DEFAULT_ZOOM]!,
): PitchScale {
  const pitches = path.flatMap((voicing) => voicing.notes.map((note) => note.midi as number));
  const low = Math.min(window.low, ...pitches) - MARGIN;
  const high = Math.max(window.high, ...pitches) + MARGIN;
  const unit = Math.min(most, Math.max(least, height / (high - low)));
  return {
    height: (high - low) * unit,
    y: (midi) => (high - midi) * unit,
    midi: (y) => Math.round(high - y / unit),
  };
}

/**
 * Lays the chorus out in systems, each `width` pixels wide.
 * @param bars the bars that are shown, one after the other; all by default
 */
export function layoutThreads(
  score: ThreadScore,
  scale: PitchScale,
  width: number,
  { bars: barsASystem }: Zoom = zooms[DEFAULT_ZOOM]!,
  bars: readonly PlayedBar[] = score.timeline.bars,
): SystemLayout[] {
  return systemsOf(bars, barsASystem).map((bars) =>
    layoutSystem(score, scale, width, bars, barsASystem),
  );
}

/** So many bars a system; a pickup stands before the first. */
function systemsOf(bars: readonly PlayedBar[], barsASystem: number): PlayedBar[][] {
  const systems: PlayedBar[][] = [];
  const before = (bars.find(({ number }) => number > 0)?.number ?? 1) - 1;
  for (const bar of bars) {
    const system = Math.max(0, Math.ceil((bar.number - before) / barsASystem) - 1);
    (systems[system] ??= []).push(bar);
  }
  return systems;
}

function layoutSystem(
  score: ThreadScore,
  scale: PitchScale,
  width: number,
  played: readonly PlayedBar[],
  barsASystem: number,
): SystemLayout {
  const { timeline, path } = score;
  const bars = barColumns(played, width, barsASystem);
  const columnOf = new Map(bars.map((column) => [column.number, column]));
  const meterOf = new Map(played.map(({ number, meter }) => [number, meter]));
  const end = bars.reduce((x, column) => Math.max(x, column.x + column.width), LEFT);
  const inside = timeline.events
    .map((event, index) => ({ event, index }))
    .filter(({ event }) => columnOf.has(event.bar));
  const xs = inside.map(({ event }) => {
    const column = columnOf.get(event.bar)!;
    const { beats } = meterOf.get(event.bar)!;
    return placeInBar(column, (event.beat - 1) / beats);
  });
  const chords = inside.map(({ index }, position) => {
    const x = xs[position] ?? LEFT;
    return {
      index,
      x,
      width: (xs[position + 1] ?? end) - x,
      heads: headsOf(path[index], x, scale),
    };
  });
  return { bars, chords, strands: strandsOf(score, scale, chords, end) };
}

/** Where a moment of a bar stands, by the part of the bar that has gone by, 0..1. */
export function placeInBar({ x, width }: Pick<BarColumn, 'x' | 'width'>, part: number): number {
  const inset = Math.min(INSET, width / 8);
  return x + inset + part * (width - inset / 2);
}

/** Which part of a bar has gone by at a place in it; below 0 before its first beat. */
export function partOfBar({ x, width }: Pick<BarColumn, 'x' | 'width'>, at: number): number {
  const inset = Math.min(INSET, width / 8);
  return (at - x - inset) / (width - inset / 2);
}

function barColumns(played: readonly PlayedBar[], width: number, barsASystem: number): BarColumn[] {
  const pickup = played[0]?.number === 0 ? PICKUP_WIDTH : 0;
  const unit = (width - LEFT - RIGHT) / (barsASystem + pickup);
  let x = LEFT;
  return played.map(({ number, section }) => {
    const column = { number, x, width: number === 0 ? unit * pickup : unit };
    x += column.width;
    return section === undefined ? column : { ...column, section };
  });
}

const headsOf = (voicing: Voicing | undefined, x: number, scale: PitchScale): Point[] =>
  (voicing?.notes ?? []).map((note) => ({ x, y: scale.y(note.midi) }));

function strandsOf(
  { path, changes }: ThreadScore,
  scale: PitchScale,
  chords: readonly ChordColumn[],
  end: number,
): Strand[] {
  const [first] = chords;
  const lead = first ? leadIn(first, path, changes, scale) : [];
  const rest = chords.flatMap((column, position) => {
    const next = chords[position + 1];
    return next ? between(column, next, changes[column.index]) : ringOut(column, end);
  });
  return [...lead, ...rest];
}

/** Threads that come over from the system before. */
function leadIn(
  column: ChordColumn,
  path: readonly Voicing[],
  changes: readonly Change[],
  scale: PitchScale,
): Strand[] {
  const before = column.index - 1;
  if (before < 0) return [];
  const turn = Math.max(LEFT - 8, column.x - TURN);
  const start = {
    index: before,
    x: LEFT - 16,
    width: 0,
    heads: headsOf(path[before], turn, scale),
  };
  return between(start, column, changes[before]);
}

function between(from: ChordColumn, to: ChordColumn, change: Change | undefined): Strand[] {
  if (!change) return [];
  const turn = Math.max(from.x + HEAD, to.x - TURN);
  return change.voices.flatMap((voice): Strand[] => {
    const a = voice.from === undefined ? undefined : from.heads[voice.from];
    const b = voice.to === undefined ? undefined : to.heads[voice.to];
    const mark = { voice: voice.from ?? voice.to ?? 0, chord: from.index };
    if (!a) return b ? [{ kind: 'enters', from: { x: to.x - HEAD, y: b.y }, to: b, ...mark }] : [];
    const start = { x: from.x, y: a.y };
    const bend = { x: turn, y: a.y };
    if (!b) return [{ kind: 'ends', from: start, to: bend, ...mark }];
    if (voice.kind === 'held') return [{ kind: 'held', from: start, to: b, ...mark }];
    return [
      { kind: 'sounding', from: start, to: bend, ...mark },
      { kind: voice.kind, from: bend, to: b, ...mark },
    ];
  });
}

/** The last chord of a system rings to its edge. */
const ringOut = (column: ChordColumn, end: number): Strand[] =>
  column.heads.map((head, voice) => ({
    kind: 'sounding',
    from: head,
    to: { x: end, y: head.y },
    voice,
    chord: column.index,
  }));
