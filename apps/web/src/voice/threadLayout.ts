import type { Change, Meter, MotionKind, Timeline, Voicing } from '@drop-close/core';

/** Bars a system holds, as players read. */
export const BARS_A_SYSTEM = 4;
const LEFT = 34;
const RIGHT = 8;
/** From the bar line to the first chord of a bar. */
const INSET = 18;
/** The last stretch before a chord, where a voice turns to its next pitch. */
const TURN = 26;
const HEAD = 10;

export interface Place {
  readonly x: number;
  readonly y: number;
}

/** One piece of a thread. Held stretches lie flat, turns lead to the next pitch. */
export interface Strand {
  readonly kind: MotionKind | 'sounding';
  readonly from: Place;
  readonly to: Place;
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
  readonly heads: readonly Place[];
}

export interface BarColumn {
  /** From 1. */
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

export interface ThreadScale {
  readonly height: number;
  readonly y: (midi: number) => number;
}

export interface ThreadScore {
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
  readonly meter: Meter;
}

/** One vertical scale for the whole chorus, so that its rise and fall is seen. */
export function threadScale(path: readonly Voicing[]): ThreadScale {
  const pitches = path.flatMap((voicing) => voicing.notes.map((note) => note.midi as number));
  const low = (pitches.length ? Math.min(...pitches) : 48) - 2;
  const high = (pitches.length ? Math.max(...pitches) : 72) + 2;
  const unit = Math.min(6, Math.max(3.6, 130 / (high - low)));
  return { height: (high - low) * unit, y: (midi) => (high - midi) * unit };
}

/** Lays the chorus out in systems of four bars, each `width` pixels wide. */
export function layoutThreads(
  score: ThreadScore,
  scale: ThreadScale,
  width: number,
): SystemLayout[] {
  const count = Math.ceil(score.timeline.bars.length / BARS_A_SYSTEM);
  return Array.from({ length: count }, (_, system) => layoutSystem(score, scale, width, system));
}

function layoutSystem(
  score: ThreadScore,
  scale: ThreadScale,
  width: number,
  system: number,
): SystemLayout {
  const { timeline, meter, path } = score;
  const firstBar = system * BARS_A_SYSTEM + 1;
  const barWidth = (width - LEFT - RIGHT) / BARS_A_SYSTEM;
  const bars = timeline.bars
    .slice(firstBar - 1, firstBar - 1 + BARS_A_SYSTEM)
    .map(({ section }, index) => ({
      number: firstBar + index,
      x: LEFT + index * barWidth,
      width: barWidth,
      ...(section === undefined ? {} : { section }),
    }));
  const end = LEFT + bars.length * barWidth;
  const inside = timeline.events
    .map((event, index) => ({ event, index }))
    .filter(({ event }) => event.bar >= firstBar && event.bar < firstBar + BARS_A_SYSTEM);
  const xs = inside.map(
    ({ event }) =>
      LEFT +
      (event.bar - firstBar) * barWidth +
      INSET +
      ((event.beat - 1) / meter.beats) * (barWidth - INSET / 2),
  );
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

const headsOf = (voicing: Voicing | undefined, x: number, scale: ThreadScale): Place[] =>
  (voicing?.notes ?? []).map((note) => ({ x, y: scale.y(note.midi) }));

function strandsOf(
  { path, changes }: ThreadScore,
  scale: ThreadScale,
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
  scale: ThreadScale,
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
