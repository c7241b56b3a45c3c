import { lowestFret } from '../../voicing/base/lowestFret';
import { playingOf } from '../../voicing/playingOf';
import type { Instrument, Voicing } from '../../voicing/base/types';

/** A voicing with where the hand stands for it. */
export interface Weighed {
  readonly voicing: Voicing;
  /** On strings: where the index finger stands, in mm from the nut; missing for open grips and on keys. */
  readonly positionMm?: number;
}

export function weigh(voicing: Voicing, instrument: Instrument): Weighed {
  const fret = lowestFret(voicing);
  const positionMm = fret ? playingOf(instrument).positionsMm[fret] : undefined;
  return positionMm === undefined ? { voicing } : { voicing, positionMm };
}
