import {
  LAYER_RANGES,
  midi,
  type InstrumentId,
  type LayerId,
  type LineLayer,
  type LineWish,
  type Played,
} from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { safeStorage } from '../../ui/safeStorage';

interface Wish extends LineWish {
  readonly played: Played;
}
type Wishes = Readonly<Partial<Record<string, Partial<Wish>>>>;

/** How the lines of layers are to lie, by instrument and layer; kept in this browser. */
const useWishes = create<Wishes>()(
  persist((): Wishes => ({}), { name: 'drop-close lines', storage: safeStorage() }),
);

const nameOf = (instrument: InstrumentId, layer: LayerId): string => `${instrument} ${layer}`;

/** How a line is to lie: as the player has said, else as it usually does. */
export function useLineWish(instrument: InstrumentId, layer: LineLayer | undefined): LineWish {
  const own = useWishes((all) => (layer ? all[nameOf(instrument, layer)] : undefined));
  const usual = LAYER_RANGES[instrument][layer ?? 'roots'];
  return { range: own?.range ?? usual, pace: own?.pace ?? 'eighths' };
}

/** Layers of chords that may also be played note by note. */
const IN_NOTES: readonly LayerId[] = ['shells', 'voicings'];
export const isInNotes = (layer: LayerId): boolean => IN_NOTES.includes(layer);

/** How the chords of a layer are played: struck, unless the player has said otherwise. */
export function usePlayed(instrument: InstrumentId, layer: LayerId): Played {
  const own = useWishes((all) => all[nameOf(instrument, layer)]?.played);
  return isInNotes(layer) ? (own ?? 'chords') : 'chords';
}

export function wishLine(instrument: InstrumentId, layer: LayerId, change: Partial<Wish>): void {
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
