import {
  LAYER_RANGES,
  midi,
  type InstrumentId,
  type LineLayer,
  type LineWish,
} from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../../ui/safeStorage';

type Wishes = Readonly<Partial<Record<string, Partial<LineWish>>>>;

/** How the lines of layers are to lie, by instrument and layer; kept in this browser. */
const useWishes = create<Wishes>()(
  persist((): Wishes => ({}), { name: 'drop-close lines', storage: safeStorage() }),
);

const nameOf = (instrument: InstrumentId, layer: LineLayer): string => `${instrument} ${layer}`;

/** How a line is to lie: as the player has said, else as it usually does. */
export function useLineWish(instrument: InstrumentId, layer: LineLayer | undefined): LineWish {
  const own = useWishes((all) => (layer ? all[nameOf(instrument, layer)] : undefined));
  const usual = LAYER_RANGES[instrument][layer ?? 'roots'];
  return { range: own?.range ?? usual, pace: own?.pace ?? 'eighths' };
}

export function wishLine(
  instrument: InstrumentId,
  layer: LineLayer,
  change: Partial<LineWish>,
): void {
  const name = nameOf(instrument, layer);
  useWishes.setState((all) => ({ [name]: { ...all[name], ...change } }));
}

const OCTAVE = 12;

/** A range with another end: never less than an octave, the other end gives way. */
export function withEnd(
  { low, high }: LineWish['range'],
  end: { readonly low?: number; readonly high?: number },
): LineWish['range'] {
  if (end.low !== undefined) {
    return { low: midi(end.low), high: midi(Math.max(high, end.low + OCTAVE)) };
  }
  const top = end.high ?? high;
  return { low: midi(Math.min(low, top - OCTAVE)), high: midi(top) };
}
