import { midi } from '../../base/units';
import type { Timeline } from '../../chart/timeline';
import type { SoloNote } from '../../comp/solo/types';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { LayerId } from '../items/items';
import { arpeggioLine } from './arpeggios';
import { guideLine } from './guideLine';
import { rootLine } from './roots';
import type { LayerNote, LineRange, Pace } from './types';

/** Layers that are one line of single notes. */
export const LINE_LAYERS = ['roots', 'arpeggios', 'guide tones'] as const;
export type LineLayer = (typeof LINE_LAYERS)[number];

export const isLineLayer = (layer: LayerId): layer is LineLayer =>
  (LINE_LAYERS as readonly LayerId[]).includes(layer);

const range = (low: number, high: number): LineRange => ({ low: midi(low), high: midi(high) });

/**
 * Where each layer lies when the player has not said otherwise: roots low, arpeggios over two octaves in the middle,
 * guide tones where they are comped. Source: common practice.
 */
export const LAYER_RANGES: Readonly<Record<InstrumentId, Readonly<Record<LineLayer, LineRange>>>> =
  {
    guitar: { roots: range(40, 52), arpeggios: range(45, 69), 'guide tones': range(52, 69) },
    keyboard: { roots: range(36, 48), arpeggios: range(48, 72), 'guide tones': range(52, 72) },
    ukulele: { roots: range(60, 71), arpeggios: range(60, 81), 'guide tones': range(60, 76) },
  };

export interface LineWish {
  readonly range: LineRange;
  /** Of arpeggios. */
  readonly pace: Pace;
}

/** A layer as one line over the chorus. */
export function layerLine(layer: LineLayer, time: Timeline, wish: LineWish): LayerNote[] {
  switch (layer) {
    case 'roots':
      return rootLine(time, wish.range);
    case 'arpeggios':
      return arpeggioLine(time, wish.range, wish.pace);
    case 'guide tones':
      return guideLine(time, wish.range);
  }
}

const VELOCITY = 84;

/** The notes of a layer as they are played over the band. */
export const playedLayer = (notes: readonly LayerNote[]): SoloNote[] =>
  notes.map(({ midi: pitch, at, length }) => ({ midi: pitch, at, length, velocity: VELOCITY }));

export const KEY_ORDERS = ['fourths', 'half steps'] as const;
/** How a tune is taken through all keys. */
export type KeyOrder = (typeof KEY_ORDERS)[number];

const KEYS = 12;
const FOURTH = 5;

/**
 * How far a tune is moved in each of the twelve keys, in half steps, -5..6, its own key first.
 * @example keysInOrder('fourths').slice(0, 3) // [0, 5, -2]
 */
export const keysInOrder = (order: KeyOrder): number[] =>
  Array.from({ length: KEYS }, (_, at) => {
    const up = (at * (order === 'fourths' ? FOURTH : 1)) % KEYS;
    return up > KEYS / 2 ? up - KEYS : up;
  });
