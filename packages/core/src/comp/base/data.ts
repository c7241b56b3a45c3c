import { ticks } from '../../base/units';

/** How hits sound, in ticks of 480 a quarter. Source: our own ears, at a medium tempo. */
export const HIT_TIMES = {
  /** A short hit lasts no longer: an eighth of a triplet. */
  short: ticks(160),
  /** A grace note begins so long before. */
  grace: ticks(40),
  /** From one note of a rolled chord to the next, but the whole roll takes no more than half the hit. */
  roll: ticks(16),
  /** From one stroke of a tremolo to the next: a sixteenth. */
  tremolo: ticks(120),
} as const;

/** How hits are struck, as MIDI velocity. Source: our own ears. */
export const HIT_TOUCH = { plain: 72, accent: 92, grace: 52, tremolo: 60 } as const;
