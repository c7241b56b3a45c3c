import type { Degree } from '../../chord/degrees';
import { hasResolutions, type VoicePlace } from '../base/place';
import type { Prices } from '../terms/prices';
import type { Layer } from './layer';

/** What single voices cost over changes of one kind of place, each worked out when first asked for. */
export interface PriceList {
  readonly inner: StepPrices;
  readonly top: StepPrices;
  /** On top, where the tone had better stay. */
  readonly topKept: StepPrices;
  /** Missing where no tone has anywhere to go. */
  readonly leading?: LeadingPrices;
}

/** What voices pay besides where the change has resolutions. */
export interface LeadingPrices {
  readonly between: (from: Degree, to: Degree) => StepPrices;
  /** By tone of a layer: for a voice that ends there. */
  readonly endsOf: (layer: Layer) => Int32Array;
}

/** Prices by step: one more than each that was asked for so far, 0 for the others. */
export interface StepPrices {
  readonly known: Int32Array;
  readonly work: (step: number) => number;
}

/** Voices move by less than so many semitones either way. */
const WIDEST = 128;

export function priceOf({ known, work }: StepPrices, step: number): number {
  const price = known[step + WIDEST]!;
  if (price) return price - 1;
  const worked = work(step);
  known[step + WIDEST] = worked + 1;
  return worked;
}

const stepPrices = (work: StepPrices['work']): StepPrices => ({
  known: new Int32Array(2 * WIDEST),
  work,
});

export function priceListOf(place: VoicePlace, prices: Prices): PriceList {
  const voice = (top: boolean, common: boolean): StepPrices =>
    stepPrices((step) => prices.voice({ step, top, common, place }));
  const list = { inner: voice(false, false), top: voice(true, false), topKept: voice(true, true) };
  return hasResolutions(place) ? { ...list, leading: leadingPrices(place, prices) } : list;
}

function leadingPrices(place: VoicePlace, prices: Prices): LeadingPrices {
  const known = new Map<Degree, Map<Degree, StepPrices>>();
  return {
    between: (from, to) => {
      const row = known.get(from) ?? new Map<Degree, StepPrices>();
      known.set(from, row);
      const listed = row.get(to) ?? stepPrices((step) => prices.leading({ from, to, step, place }));
      row.set(to, listed);
      return listed;
    },
    endsOf: ({ tones }) =>
      Int32Array.from(tones, ({ degree }) => prices.ends({ from: degree, place })),
  };
}
