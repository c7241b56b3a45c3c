import type { Known } from './holes';
import { itemKey, LAYERS, type LayerId, type LayerItem } from './items';

/**
 * The layer of each tune that comes next: the first that was never practised over the whole of it. Each is earned before
 * the next. Source: common practice.
 * @returns one a tune, in their order; none of a tune whose layers were all practised
 * @example nextLayers(['t1'], [])[0]?.layer // 'numbers'
 */
export function nextLayers(tuneIds: readonly string[], known: readonly Known[]): LayerItem[] {
  const practised = new Set(
    known.flatMap(({ item, schedule }) =>
      item.kind === 'layer' && schedule ? [itemKey(item)] : [],
    ),
  );
  return tuneIds.flatMap((tuneId) => {
    const of = (layer: LayerId): LayerItem => ({ kind: 'layer', layer, tuneId });
    return LAYERS.map(of).find((item) => !practised.has(itemKey(item))) ?? [];
  });
}
