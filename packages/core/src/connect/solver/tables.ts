import type { Degree } from '../../chord/degrees';
import { once } from '../../base/once';
import { keeps } from '../base/place';
import type { Prices } from '../terms/prices';
import type { ChangePlace, VoiceFacts } from '../base/types';
import type { Layer } from './layer';

/** What one voice costs over a change, looked up by the tones at its two ends. */
export interface VoiceTable {
  /** `inner[b * width + a]` and the same for the top voice; a displaced by octaves counts on past a's own. */
  readonly inner: Int32Array;
  readonly top: Int32Array;
  readonly width: number;
  /** By tone of the earlier layer what it costs when its voice ends; missing where none costs anything. */
  readonly ends?: Int32Array;
  /** The least an inner voice pays for a semitone: none costs less than |Δ| times this. */
  readonly slope: () => number;
}

/**
 * The table of a change forward in time.
 * @param octaves semitones by which the earlier voicing may be displaced, block by block
 */
export function tableOf(
  from: Layer,
  to: Layer,
  octaves: readonly number[],
  place: ChangePlace,
  priceList: PriceList,
): VoiceTable {
  const width = from.tones.length * octaves.length;
  const inner = new Int32Array(width * to.tones.length);
  const top = new Int32Array(inner.length);
  const kept = from.tones.map((tone) => keeps(place, tone));
  const degrees = from.tones.map(({ degree }) => degree);
  const known = new Map<Degree, readonly DegreePrices[]>();
  let at = 0;
  for (const { midi, degree } of to.tones) {
    const lists = known.get(degree) ?? degrees.map((other) => priceList(other, degree));
    known.set(degree, lists);
    for (const octave of octaves) {
      for (let tone = 0; tone < lists.length; tone += 1) {
        const step = midi - from.tones[tone]!.midi - octave;
        const prices = lists[tone]!;
        inner[at] = priceOf(prices.inner, step);
        top[at] = priceOf(kept[tone] ? prices.topKept : prices.top, step);
        at += 1;
      }
    }
  }
  const ends = Int32Array.from(from.tones, ({ degree }) => priceList(degree, degree).ends);
  const table = { inner, top, width, slope: once(() => slopeOf(from, to, octaves, inner)) };
  return ends.some((price) => price > 0) ? { ...table, ends } : table;
}

function slopeOf(from: Layer, to: Layer, octaves: readonly number[], inner: Int32Array): number {
  let slope = Infinity;
  let at = 0;
  for (const b of to.tones) {
    for (const octave of octaves) {
      for (const a of from.tones) {
        const step = Math.abs(b.midi - a.midi - octave);
        if (step && inner[at]! < slope * step) slope = inner[at]! / step;
        at += 1;
      }
    }
  }
  return slope === Infinity ? 0 : Math.floor(slope);
}

/**
 * The table of the same change looked at from its end. Where the earlier voicing is displaced by an octave
 * up, the later one is by an octave down: the blocks of `octaves` and of the octaves turned round.
 */
export function turnedRound(
  { inner, top, ends, width, slope }: VoiceTable,
  from: Layer,
  to: Layer,
  octaves: readonly number[],
): VoiceTable {
  const tones = to.tones.length;
  const turned = { inner: new Int32Array(inner.length), top: new Int32Array(top.length) };
  const turnedWidth = tones * octaves.length;
  octaves.forEach((octave, block) => {
    const other = octaves.indexOf(-octave);
    for (let a = 0; a < from.tones.length; a += 1) {
      for (let b = 0; b < tones; b += 1) {
        const here = a * turnedWidth + block * tones + b;
        const there = b * width + other * from.tones.length + a;
        turned.inner[here] = inner[there]!;
        turned.top[here] = top[there]!;
      }
    }
  });
  return { ...turned, ...(ends ? { ends } : {}), width: turnedWidth, slope };
}

/** What a voice costs that goes from one degree to another, by its steps. */
export interface DegreePrices {
  readonly inner: StepPrices;
  readonly top: StepPrices;
  /** On top, where the tone had better stay. */
  readonly topKept: StepPrices;
  /** For a voice that ends there, wherever others go. */
  readonly ends: number;
}

export type PriceList = (from: Degree, to: Degree) => DegreePrices;

/** Prices of voices over changes of one kind of place, each worked out once. */
export function priceListOf(place: VoiceFacts['place'], prices: Prices): PriceList {
  const known = new Map<Degree, Map<Degree, DegreePrices>>();
  return (from, to) => {
    const row = known.get(from) ?? new Map<Degree, DegreePrices>();
    known.set(from, row);
    const listed = row.get(to) ?? degreePrices(from, to, place, prices);
    row.set(to, listed);
    return listed;
  };
}

/** Prices by step: one more than each that was asked for so far, 0 for the others. */
interface StepPrices {
  readonly known: Int32Array;
  readonly work: (step: number) => number;
}

/** Voices move by less than so many semitones either way. */
const WIDEST = 128;

function priceOf({ known, work }: StepPrices, step: number): number {
  const price = known[step + WIDEST]!;
  if (price) return price - 1;
  known[step + WIDEST] = work(step) + 1;
  return known[step + WIDEST]! - 1;
}

function degreePrices(
  from: Degree,
  to: Degree,
  place: VoiceFacts['place'],
  prices: Prices,
): DegreePrices {
  const steps = (top: boolean, common: boolean): StepPrices => ({
    known: new Int32Array(2 * WIDEST),
    work: (step) => prices.voice({ from, to, step, top, common, place }),
  });
  return {
    inner: steps(false, false),
    top: steps(true, false),
    topKept: steps(true, true),
    ends: prices.ends({ from, place }),
  };
}
