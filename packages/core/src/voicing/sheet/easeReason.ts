import { playingOf } from '../playingOf';
import type { Instrument, Voicing } from '../base/types';

/**
 * Why a voicing is easy, a stretch or out of reach, as one sentence; empty for a rest.
 * As "42 mm, fret 5 to 6: easy for your hand, up to 100 mm."
 * @example easeReason(voicing, defaultGuitar)
 */
export const easeReason = (voicing: Voicing, instrument: Instrument): string =>
  voicing.notes.length ? playingOf(instrument).easeReason(voicing) : '';
