import { leftOut, waysToFit, type Partners } from '../base/match';
import { UNREACHABLE } from './layers';
import type { Layer, SoundsOfSize } from './layer';
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
 * What pairs of sounds cost, the way along the neck aside, the voices paired so that each is the least: for
 * every later sound a row of all earlier ones.
 */
export function costsOfPairs(change: SoundChange): Int32Array {
  const { earlier, later } = change;
  const costs = new Int32Array(earlier.top.length * later.top.length);
  for (const to of later.bySize.values()) weighRows(change, to, to.sounds, costs);
  return costs;
}

/** The row of one later sound. */
export function costsOfSound(change: SoundChange, sound: number): Int32Array {
  const { earlier, later } = change;
  const [begin, end] = [later.first[sound]!, later.first[sound + 1]!];
  const voices = Array.from(later.voices.subarray(begin, end), (tone) => Int32Array.of(tone));
  const costs = new Int32Array(earlier.top.length);
  if (voices.length) weighRows(change, { sounds: Int32Array.of(sound), voices }, FIRST_ROW, costs);
  return costs;
}

const FIRST_ROW = Int32Array.of(0);

/**
 * Fills in the rows of later sounds of one size. Silence leads anywhere, and anything to silence, at no
 * cost.
 */
function weighRows(
  change: SoundChange,
  to: SoundsOfSize,
  rows: Int32Array,
  costs: Int32Array,
): void {
  const { earlier, octaves, prices } = change;
  const size = to.voices.length;
  for (const [other, from] of earlier.bySize) {
    const pairs = from.sounds.length * to.sounds.length;
    const [small, large] = [Math.min(size, other), Math.max(size, other)];
    const best = new Int32Array(pairs).fill(UNREACHABLE);
    const sums = new Int32Array(pairs);
    octaves.forEach((octave, block) => {
      const moved = octave ? prices.octave + small * prices.octaveVoice : 0;
      for (const way of waysToFit(small, large)) {
        sums.fill((large - small) * prices.spare + moved);
        addVoices(change, from, to, way, block, sums);
        if (size === other) addTogether(change, from, to, octave, sums);
        for (let i = 0; i < pairs; i += 1) if (sums[i]! < best[i]!) best[i] = sums[i]!;
      }
    });
    rows.forEach((row, at) => {
      const [start, width] = [row * earlier.top.length, from.sounds.length];
      for (let i = 0; i < width; i += 1) costs[start + from.sounds[i]!] = best[at * width + i]!;
    });
  }
}

/** Adds what the voices cost, paired in one way. */
function addVoices(
  { earlier, table }: SoundChange,
  from: SoundsOfSize,
  to: SoundsOfSize,
  way: Partners,
  block: number,
  sums: Int32Array,
): void {
  const growing = from.voices.length < to.voices.length;
  way.forEach((partner, small) => {
    const prices = small ? table.inner : table.top;
    const rows = to.voices[growing ? partner : small]!.map(
      (tone) => tone * table.width + block * earlier.tones.length,
    );
    addPrices(prices, rows, from.voices[growing ? small : partner]!, sums);
  });
  if (!table.ends || growing) return;
  const rows = new Int32Array(to.sounds.length);
  for (const voice of leftOut(way, from.voices.length)) {
    addPrices(table.ends, rows, from.voices[voice]!, sums);
  }
}

/** Adds the prices of one voice: of every row those that stand at some places. */
function addPrices(
  prices: Int32Array,
  rows: Int32Array,
  places: Int32Array,
  sums: Int32Array,
): void {
  let at = 0;
  for (let row = 0; row < rows.length; row += 1) {
    const begin = rows[row]!;
    for (let i = 0; i < places.length; i += 1) {
      sums[at]! += prices[begin + places[i]!]!;
      at += 1;
    }
  }
}

/** For the pairs of one shape: their voices all go one way together, or sound the same again. */
function addTogether(
  { earlier, later, prices }: SoundChange,
  from: SoundsOfSize,
  to: SoundsOfSize,
  octave: number,
  sums: Int32Array,
): void {
  const places = new Map<number, number[]>();
  from.sounds.forEach((sound, place) => {
    const alike = places.get(earlier.shape[sound]!);
    if (alike) alike.push(place);
    else places.set(earlier.shape[sound]!, [place]);
  });
  to.sounds.forEach((sound, row) => {
    for (const place of places.get(later.shape[sound]!) ?? []) {
      const other = from.sounds[place]!;
      sums[row * from.sounds.length + place]! += together(
        earlier,
        other,
        later,
        sound,
        octave,
        prices,
      );
    }
  });
}

export const sizeOf = ({ first }: Layer, sound: number): number =>
  first[sound + 1]! - first[sound]!;

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
