import { isLineLayer, type LayerId, type Part } from '@drop-close/core';

/** What of the band plays a layer. */
export const partOf = (layer: LayerId): Part => (isLineLayer(layer) ? 'solo' : 'comp');
