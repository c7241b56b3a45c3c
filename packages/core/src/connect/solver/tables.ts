import { once } from '../../base/once';
import { keeps } from '../base/place';
import type { ChangePlace } from '../base/types';
import type { Layer } from './layer';
import { priceOf, type PriceList } from './priceList';

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
  { inner: innerPrices, top: topPrices, topKept, leading }: PriceList,
): VoiceTable {
  const width = from.tones.length * octaves.length;
  const inner = new Int32Array(width * to.tones.length);
  const top = new Int32Array(inner.length);
  const onTop = from.tones.map((tone) => (keeps(place, tone) ? topKept : topPrices));
  let at = 0;
  for (const { midi, degree } of to.tones) {
    const led = leading && from.tones.map((tone) => leading.between(tone.degree, degree));
    for (const octave of octaves) {
      for (let tone = 0; tone < onTop.length; tone += 1) {
        const step = midi - from.tones[tone]!.midi - octave;
        const lead = led ? priceOf(led[tone]!, step) : 0;
        inner[at] = lead + priceOf(innerPrices, step);
        top[at] = lead + priceOf(onTop[tone]!, step);
        at += 1;
      }
    }
  }
  const table = { inner, top, width, slope: once(() => slopeOf(from, to, octaves, inner)) };
  return leading ? { ...table, ends: leading.endsOf(from) } : table;
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
