import { isLineLayer, type LayerId, type Part, type Played } from '@drop-close/core';

/** What of the band plays a layer: lines the soloist, chords the comp. */
export const partOf = (layer: LayerId, played: Played = 'chords'): Part =>
  isLineLayer(layer) || played !== 'chords' ? 'solo' : 'comp';
