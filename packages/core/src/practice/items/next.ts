import type { Known } from './holes';
import { itemKey, LAYERS, type LayerId, type LayerItem } from './items';

/**
 * The layer of a tune that comes next: the first that was never practised over the whole of it. Each is earned before
 * the next. Source: common practice.
 * @returns nothing where all were practised
 * @example nextLayer('t1', [])?.layer // 'numbers'
 */
export function nextLayer(tuneId: string, known: readonly Known[]): LayerItem | undefined {
  const practised = new Set(
    known.flatMap(({ item, schedule }) => (schedule ? [itemKey(item)] : [])),
  );
  const of = (layer: LayerId): LayerItem => ({ kind: 'layer', layer, tuneId });
  return LAYERS.map(of).find((item) => !practised.has(itemKey(item)));
}
