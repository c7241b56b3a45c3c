import { leftOut, waysToFit, type Partners } from '../base/match';
import { once } from '../../base/once';
import type { Layer } from './layer';

/** Which sounds are entered, and which of their voices. */
export interface EntryKind {
  /** Voices of an entry. */
  readonly size: number;
  /** Sounds of just so many voices; or larger ones, in every way to leave voices out. */
  readonly from: 'equal' | 'larger';
  /** Semitones by which the whole hand may be displaced: 0, or also an octave. */
  readonly octaves: readonly number[];
}

/**
 * Sounds made comparable to those of another layer: so many voices each, grouped by the tone on top and
 * within a group in the order of what the pitches below it add up to.
 */
export interface Entries {
  readonly size: number;
  readonly count: number;
  readonly sound: Int32Array;
  readonly spares: Int32Array;
  /** The voices that entries leave out, worked out when first asked for. */
  readonly leftOut: () => LeftOut;
  readonly octave: Int32Array;
  /** The tones of entry `e`, top down, begin at `e * size`; displaced ones count on past the layer's own. */
  readonly tones: Int32Array;
  /** Pitches below the top added up, as displaced. */
  readonly inner: Int32Array;
  /** By group: the tone on top. */
  readonly topTone: Int32Array;
  /** The cells of group `g`, one for each inner sum it has, are those from `cells[g]` up to `cells[g + 1]`. */
  readonly cells: Int32Array;
  /** By cell: the inner sum, rising within a group. */
  readonly sums: Int32Array;
  /** By group and inner sum, from the lowest of the group on: the cell of that sum or of the next lower one. */
  readonly nearest: readonly Int32Array[];
  /** The entries of cell `c` are those from `starts[c]` up to `starts[c + 1]`. */
  readonly starts: Int32Array;
}

/** The tones of the voices left out of entry `e` are `tones[first[e]]` up to `tones[first[e + 1]]`. */
export interface LeftOut {
  readonly tones: Int32Array;
  readonly first: Int32Array;
}

/** `undefined` where no sound is of that kind. */
export function entriesOf(layer: Layer, kind: EntryKind): Entries | undefined {
  const listed = list(layer, kind);
  const count = listed.sound.length;
  if (!count) return undefined;
  const { size } = kind;
  const inner = innerSums(listed, layer, kind);
  const grid = gridOf(listed.tones, inner, size);
  const { order } = grid;
  const inOrder = (column: ArrayLike<number>): Int32Array => order.map((at) => column[at]!);
  const tones = new Int32Array(count * size);
  order.forEach((at, entry) => {
    for (let voice = 0; voice < size; voice += 1) {
      tones[entry * size + voice] = listed.tones[at * size + voice]!;
    }
  });
  const spares = inOrder(listed.spares);
  return {
    size,
    count,
    sound: inOrder(listed.sound),
    spares,
    leftOut: once(() => leftColumns(layer, listed, order, spares)),
    octave: inOrder(listed.octave),
    inner: inOrder(inner),
    tones,
    topTone: grid.topTone,
    cells: grid.cells,
    sums: grid.sums,
    nearest: grid.nearest,
    starts: grid.starts,
  };
}

/** Which tones each entry leaves out. */
function leftColumns(
  { first, voices }: Layer,
  { sound, way }: Listed,
  order: Int32Array,
  spares: Int32Array,
): LeftOut {
  const leftFirst = new Int32Array(order.length + 1);
  spares.forEach((count, entry) => {
    leftFirst[entry + 1] = leftFirst[entry]! + count;
  });
  const left = new Int32Array(leftFirst.at(-1)!);
  if (left.length) {
    order.forEach((at, entry) => {
      const begin = first[sound[at]!]!;
      const size = first[sound[at]! + 1]! - begin;
      leftOut(way[at]!, size).forEach((voice, place) => {
        left[leftFirst[entry]! + place] = voices[begin + voice]!;
      });
    });
  }
  return { tones: left, first: leftFirst };
}

interface Listed {
  readonly sound: readonly number[];
  readonly way: readonly Partners[];
  readonly spares: readonly number[];
  readonly octave: readonly number[];
  readonly tones: readonly number[];
}

function list({ first, voices, tones: layerTones }: Layer, kind: EntryKind): Listed {
  const [sounds, spare, octave, tones]: number[][] = [[], [], [], []];
  const ways: Partners[] = [];
  for (let sound = 0; sound < first.length - 1; sound += 1) {
    const begin = first[sound]!;
    const voiceCount = first[sound + 1]! - begin;
    const spares = voiceCount - kind.size;
    if (kind.from === 'equal' ? spares !== 0 : spares <= 0) continue;
    for (const way of waysToFit(kind.size, voiceCount)) {
      kind.octaves.forEach((displaced, block) => {
        sounds!.push(sound);
        ways.push(way);
        spare!.push(spares);
        octave!.push(displaced);
        for (const voice of way) tones!.push(voices[begin + voice]! + block * layerTones.length);
      });
    }
  }
  return { sound: sounds!, way: ways, spares: spare!, octave: octave!, tones: tones! };
}

function innerSums({ sound, tones }: Listed, layer: Layer, { size, octaves }: EntryKind) {
  const pitches = octaves.flatMap((octave) => layer.tones.map(({ midi }) => midi + octave));
  return Int32Array.from(sound, (_, entry) => {
    let sum = 0;
    for (let voice = 1; voice < size; voice += 1) sum += pitches[tones[entry * size + voice]!]!;
    return sum;
  });
}

/** Groups, their cells, and the order of entries that fills them. */
function gridOf(tones: readonly number[], inner: Int32Array, size: number) {
  const count = inner.length;
  const order = inOrder(inner.map((sum, entry) => tones[entry * size]! * HIGHEST_SUM + sum));
  const [topTone, cells, sums, starts]: number[][] = [[], [], [], []];
  order.forEach((entry, rank) => {
    const top = tones[entry * size]!;
    const newGroup = top !== topTone!.at(-1);
    if (newGroup) {
      topTone!.push(top);
      cells!.push(sums!.length);
    }
    if (!newGroup && inner[entry] === sums!.at(-1)) return;
    sums!.push(inner[entry]!);
    starts!.push(rank);
  });
  cells!.push(sums!.length);
  starts!.push(count);
  const nearest = topTone!.map((_, group) =>
    nearestCells(sums!, cells![group]!, cells![group + 1]!),
  );
  return {
    order,
    topTone: Int32Array.from(topTone!),
    cells: Int32Array.from(cells!),
    sums: Int32Array.from(sums!),
    starts: Int32Array.from(starts!),
    nearest,
  };
}

/** Above what the pitches of a voicing, moved an octave or not, add up to. */
const HIGHEST_SUM = 4096;

/** The positions of rising keys, of those alike as they come; a key is a whole number below 2³¹. */
function inOrder(keys: Int32Array): Int32Array {
  // Key and position as one number: sorted without a comparing function.
  const sorted = Float64Array.from(keys, (key, at) => key * keys.length + at).sort();
  return Int32Array.from(sorted, (number) => number % keys.length);
}

/** From the lowest sum of some cells to the highest the last cell whose sum is not above. */
function nearestCells(sums: readonly number[], first: number, end: number): Int32Array {
  const lowest = sums[first]!;
  const cells = new Int32Array(sums[end - 1]! - lowest + 1);
  for (let cell = first; cell < end; cell += 1) cells.fill(cell, sums[cell]! - lowest);
  return cells;
}
