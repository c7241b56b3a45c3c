import { waysToFit, type Partners } from '../base/match';
import { UNREACHABLE } from './layers';
import type { Layer } from './layer';
import type { VoiceTable } from './tables';

/** What a change costs besides its voices and the way along the neck. */
export interface SoundPrices {
  readonly spare: number;
  /** For the whole hand moved an octave, and for each voice of it. */
  readonly octave: number;
  readonly octaveVoice: number;
  readonly block: number;
  /** For the same sound again. */
  readonly again: number;
}

/** Two layers in the order of time, and what a change between them costs. */
export interface SoundChange {
  readonly earlier: Layer;
  readonly later: Layer;
  /** Semitones by which the earlier voicing may be displaced, block by block of the table. */
  readonly octaves: readonly number[];
  readonly table: VoiceTable;
  readonly prices: SoundPrices;
}

/**
 * For one later sound what each earlier one costs, the way along the neck aside: the voices paired so
 * that it is the least.
 */
export function costsOfSound(change: SoundChange, sound: number): Int32Array {
  const { earlier, later, octaves, prices } = change;
  const costs = new Int32Array(earlier.top.length);
  const size = sizeOf(later, sound);
  // Silence leads anywhere, and anything to silence, at no cost.
  if (!size) return costs;
  for (const [other, peers] of earlier.bySize) {
    for (let i = 0; i < peers.length; i += 1) costs[peers[i]!] = UNREACHABLE;
    for (let block = 0; block < octaves.length; block += 1) {
      const octave = octaves[block]!;
      const moved = octave ? prices.octave + Math.min(size, other) * prices.octaveVoice : 0;
      const fee = Math.abs(size - other) * prices.spare + moved;
      for (const way of other < size ? waysToFit(other, size) : waysToFit(size, other)) {
        takeWay(change, sound, peers, other, way, block, fee, costs);
      }
    }
  }
  return costs;
}

export const sizeOf = ({ first }: Layer, sound: number): number =>
  first[sound + 1]! - first[sound]!;

/** Weighs one way to pair voices against all earlier sounds of a size; keeps what is less. */
function takeWay(
  { earlier, later, octaves, table, prices }: SoundChange,
  sound: number,
  peers: Int32Array,
  other: number,
  way: Partners,
  block: number,
  fee: number,
  costs: Int32Array,
): void {
  const { first, voices, shape } = earlier;
  const { inner, top, ends, width } = table;
  const begin = later.first[sound]!;
  const size = sizeOf(later, sound);
  const growing = other < size;
  const ending = ends && other > size ? leftOut(way, other) : NONE;
  const rows = new Int32Array(way.length);
  for (let small = 0; small < rows.length; small += 1) {
    const tone = later.voices[begin + (growing ? way[small]! : small)]!;
    rows[small] = tone * width + block * earlier.tones.length;
  }
  const theirs = growing ? IN_ORDER : way;
  const [topRow, topVoice, count] = [rows[0]!, theirs[0]!, rows.length];
  const ownShape = later.shape[sound]!;
  for (let i = 0; i < peers.length; i += 1) {
    const peer = peers[i]!;
    const at = first[peer]!;
    let cost = fee + top[topRow + voices[at + topVoice]!]!;
    for (let voice = 1; voice < count; voice += 1) {
      cost += inner[rows[voice]! + voices[at + theirs[voice]!]!]!;
    }
    for (const voice of ending) cost += ends![voices[at + voice]!]!;
    if (shape[peer] === ownShape) {
      cost += together(earlier, peer, later, sound, octaves[block]!, prices);
    }
    if (cost < costs[peer]!) costs[peer] = cost;
  }
}

/** The voices of a smaller sound from the top down. */
const IN_ORDER: Partners = Array.from({ length: 16 }, (_, voice) => voice);

const NONE: readonly number[] = [];

/** The voices of a larger sound that a way to pair it leaves out. */
export const leftOut = (way: Partners, size: number): number[] =>
  Array.from({ length: size }, (_, voice) => voice).filter((voice) => !way.includes(voice));

/** For all voices of two sounds of one shape: going one way together, or the same sound again. */
export function together(
  source: Layer,
  from: number,
  target: Layer,
  to: number,
  octave: number,
  { again, block }: Pick<SoundPrices, 'again' | 'block'>,
): number {
  if (target.top[to] === source.top[from]! + octave) return again;
  return sizeOf(source, from) > 1 ? block : 0;
}
