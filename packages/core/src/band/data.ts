/** Keys of the drum kit. Source: General MIDI 1 percussion map. */
export const DRUMS = { ride: 51, hat: 44, stick: 37 } as const;

/** How loud each voice of the band is struck, as MIDI velocity. Source: our own ears. */
export const TOUCH = {
  comp: 72,
  bass: 88,
  rideBeat: 62,
  rideSkip: 46,
  hat: 58,
  clickOne: 100,
  click: 78,
} as const;

/** The lowest note of the bass, in MIDI: open E of a double bass. Its roots lie in the octave above. */
export const LOWEST_BASS = 28;

/**
 * Swing eases toward even as tempo rises. Columns: tempo in quarter notes a minute, and the ratio of
 * the long to the short eighth; between the rows it is straight-line. Source: common practice.
 */
export const SWING_BY_TEMPO: readonly (readonly [tempo: number, ratio: number])[] = [
  [60, 2.2],
  [120, 2],
  [200, 1.5],
  [300, 1],
];
