import { guideLines, midi, motionKind, type LayerNote, type Timeline } from '@drop-close/core';
import type { SheetLine } from './layout';

/** The guide tones of a chorus by the position of their chord: those of the upper voice, and of the lower. */
export type GuideTones = readonly [ReadonlyMap<number, LayerNote>, ReadonlyMap<number, LayerNote>];

/** Wide enough for a chorus to fall through without a leap: what is seen is how it moves, not where it lies. */
const RANGE = { low: midi(45), high: midi(77) };

/** Both guide tones of every chord as voices that move as little as can be. */
export function guideTonesOf(time: Timeline): GuideTones {
  const { upper, lower } = guideLines(time, RANGE);
  const byEvent = (line: readonly LayerNote[]) => new Map(line.map((note) => [note.event, note]));
  return [byEvent(upper), byEvent(lower)];
}

/** A guide tone where it stands in a line of bars. */
export interface ThreadNode {
  readonly note: LayerNote;
  /** In bars from the beginning of the line. */
  readonly x: number;
  /** 0 at the top, 1 at the bottom. */
  readonly y: number;
}

/** What leads from one guide tone to the next. */
export interface ThreadPiece {
  readonly kind: 'sounding' | 'held' | 'half step' | 'whole step' | 'leap';
  readonly from: Pick<ThreadNode, 'x' | 'y'>;
  readonly to: Pick<ThreadNode, 'x' | 'y'>;
}

export interface GuideThread {
  readonly nodes: readonly ThreadNode[];
  readonly pieces: readonly ThreadPiece[];
}

/** Half steps that a line of bars shows at least, so that a half step never looks like a leap. */
const LEAST_SPAN = 9;
/** The last one stops so far before the end of its bar, in bars. */
const STOPS = 0.12;
/** A voice moves over the last part of its chord, in bars. */
const MOVES_OVER = 0.16;

/** The threads of both guide tones over one line of bars; empty where it has no chords. */
export function threadsOver(line: SheetLine, tones: GuideTones): GuideThread[] {
  const places = line.bars.flatMap(({ slots }, bar) =>
    slots.flatMap(({ event, from }) => (event === undefined ? [] : [{ event, x: bar + from }])),
  );
  const rows = tones.map((byEvent) =>
    places.flatMap(({ event, x }) => {
      const note = byEvent.get(event);
      return note ? [{ note, x }] : [];
    }),
  );
  const pitches = rows.flatMap((row) => row.map(({ note }) => note.midi));
  if (!pitches.length) return [];
  const [low, high] = [Math.min(...pitches), Math.max(...pitches)];
  const spare = Math.max(0, LEAST_SPAN - (high - low));
  const top = high + spare / 2;
  const span = high - low + spare;
  return rows.map((row) => {
    const nodes = row.map(({ note, x }) => ({ note, x, y: (top - note.midi) / span }));
    return { nodes, pieces: piecesOf(nodes, line.bars.length) };
  });
}

function piecesOf(nodes: readonly ThreadNode[], end: number): ThreadPiece[] {
  return nodes.flatMap((node, at): ThreadPiece[] => {
    const next = nodes[at + 1];
    if (!next) return [{ kind: 'sounding', from: node, to: { x: end - STOPS, y: node.y } }];
    const kind = motionKind(next.note.midi - node.note.midi);
    if (kind === 'held') return [{ kind, from: node, to: next }];
    const turn = { x: next.x - Math.min(MOVES_OVER, (next.x - node.x) / 2), y: node.y };
    return [
      { kind: 'sounding', from: node, to: turn },
      { kind: kind as ThreadPiece['kind'], from: turn, to: next },
    ];
  });
}
