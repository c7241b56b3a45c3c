import { keysPlaying } from './keys/keysPlaying';
import { stringsPlaying } from './strings/stringsPlaying';
import type { Fretted, Instrument } from './base/types';
import { isFrettedId } from './base/instruments';
import type { Playing } from './instruments/playing';

/** Whether it is played on strings along a neck; else it has keys. */
export const isFretted = (instrument: Instrument): instrument is Fretted =>
  isFrettedId(instrument.kind);

const known = new WeakMap<Instrument, Playing>();

/** How an instrument is played; asked of the same instrument again it is the very same. */
export function playingOf(instrument: Instrument): Playing {
  const before = known.get(instrument);
  if (before) return before;
  const playing = isFretted(instrument) ? stringsPlaying(instrument) : keysPlaying(instrument);
  known.set(instrument, playing);
  return playing;
}
