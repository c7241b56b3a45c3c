import type { Chord } from '../chord/types';
import type { Voicing } from '../voicing/base/types';
import { placeKey, placeOf, voiceKey } from './base/place';
import { pricesOf, type Prices } from './terms/prices';
import type { Layers, Step } from './solver/layers';
import { layerOf, type Layer } from './solver/layer';
import { MOST_SCANNED, shiftsOn, stepBetween, type ChangeContext } from './solver/step';
import { priceListOf, type PriceList } from './solver/priceList';
import { candidateCosts } from './candidateCosts';
import type { ChangePlace, ConnectSettings } from './base/types';

/** Settings may differ from those of the source in wishes, locks and loop only. */
export type LayerSource = (
  chords: readonly Chord[],
  candidates: readonly (readonly Voicing[])[],
  settings: ConnectSettings,
) => Layers;

/**
 * The choice of voicings as a problem for the solver. A tune returns to the same chords again and again,
 * and an edit leaves most of it as it was: what one list of candidates costs, and a change from one to
 * another, is worked out once and kept.
 */
export function layerSource(settings: ConnectSettings): LayerSource {
  const prices = pricesOf(settings.weights);
  const own = ownCosts(prices);
  const alike = kept(alikeIn(prices));
  const steps = stepSource(settings, prices);
  return (chords, candidates, settings) => {
    const all = candidates.map(layerOf);
    const loop = settings.loop && chords.length > 1;
    return {
      own: chords.map((chord, at) => own(chord, all[at]!, at, settings)),
      step: Array.from({ length: loop ? chords.length : chords.length - 1 }, (_, at) => {
        const next = (at + 1) % chords.length;
        const place = placeOf(chords[at]!, chords[next]!, at, settings.wishes);
        return steps(all[at]!, all[next]!, place);
      }),
      loop,
      alike: all.map(alike),
    };
  };
}

/** Grips of one stance; of one sound anywhere, where the way along the neck costs nothing. */
const alikeIn =
  (prices: Prices) =>
  ({ soundOf, stanceOf }: Layer): Int32Array =>
    prices.shift(0, A_HAND_AWAY) === 0 ? soundOf : stanceOf;

/** In mm. */
const A_HAND_AWAY = 100;

export const layersOf: LayerSource = (chords, candidates, settings) =>
  layerSource(settings)(chords, candidates, settings);

/** More changes than a long chorus and a long afternoon of edits have; then all begins afresh. */
const MOST_STEPS = 1000;

function stepSource({ instrument }: ConnectSettings, prices: Prices) {
  const number = numbering();
  const steps = new Map<string, Step>();
  const lists = new Map<string, PriceList>();
  const shared = { prices, shift: shiftsOn(instrument, prices), mostScanned: MOST_SCANNED };
  const voiceAt = (place: ChangePlace): PriceList => {
    const kind = voiceKey(place);
    const known = lists.get(kind) ?? priceListOf(place, prices);
    lists.set(kind, known);
    return known;
  };
  return (from: Layer, to: Layer, place: ChangePlace): Step => {
    const key = `${number(from)} ${number(to)} ${placeKey(place)}`;
    const known = steps.get(key);
    if (known) return known;
    if (steps.size > MOST_STEPS) steps.clear();
    const context: ChangeContext = { ...shared, place, voice: voiceAt(place) };
    const step = stepBetween(from, to, context);
    steps.set(key, step);
    return step;
  };
}

/**
 * What candidates cost where they stand: their sounds, each judged once, and their grips. Chords that come
 * back share it, unless something is wished for there.
 */
function ownCosts(prices: Prices) {
  const inside = new WeakMap<Layer, Int32Array>();
  const atStart = new WeakMap<Layer, Int32Array>();
  return (chord: Chord, layer: Layer, at: number, settings: ConnectSettings): Int32Array => {
    const { tops, earlier, sectionStarts } = settings.wishes;
    if (tops[at] !== undefined || earlier[at])
      return candidateCosts(chord, layer, at, settings, prices);
    const known = sectionStarts.includes(at) ? atStart : inside;
    const costs = known.get(layer) ?? candidateCosts(chord, layer, at, settings, prices);
    known.set(layer, costs);
    return costs;
  };
}

/** Remembers, for as long as the key is in use, what was made of it. */
function kept<K extends WeakKey, T>(make: (key: K) => T): (key: K) => T {
  const known = new WeakMap<K, T>();
  return (key) => {
    const result = known.get(key) ?? make(key);
    known.set(key, result);
    return result;
  };
}

/** A number of its own for each layer. */
function numbering(): (layer: Layer) => number {
  let count = 0;
  return kept(() => (count += 1));
}
