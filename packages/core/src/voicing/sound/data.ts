/**
 * The curve of sensory roughness of two sine tones, after Plomp and Levelt (1965) in the form of Sethares
 * (1993), "Local consonance and the relationship between timbre and scale", from memory: the two rates at
 * which it falls off, the place of its peak as a share of the critical band, and the two constants that
 * give the width of that band at a frequency.
 */
export const CURVE = { slow: 3.5, fast: 5.75, peak: 0.24, slope: 0.0207, offset: 18.96 } as const;

/** A plucked or struck tone as that paper has it: harmonics, each this much weaker than the one before. */
export const TIMBRE = { harmonics: 7, decay: 0.88 } as const;

/**
 * Low interval limits: semitones of the interval, then the lowest pitch of its lower note at which it
 * still sounds clear. Seconds to the tenth; wider ones are clear anywhere an instrument goes. Source:
 * common practice of arranging, from memory; books differ by a step or two.
 */
export const LOW_LIMITS: Readonly<Record<number, number>> = {
  1: 52, // E3
  2: 51, // Eb3
  3: 48, // C3
  4: 46, // Bb2
  5: 46, // Bb2
  6: 46, // Bb2
  7: 34, // Bb1
  8: 43, // G2
  9: 41, // F2
  10: 41, // F2
  11: 41, // F2
  13: 40, // E2
  14: 39, // Eb2
  15: 36, // C2
  16: 34, // Bb1
};

/** Up to so much roughness a note, a voicing sounds so. Source: our own ears, around middle C. */
export const WORDS = [
  { upTo: 0.5, word: 'clear' },
  { upTo: 0.75, word: 'mellow' },
  { upTo: 1, word: 'dense' },
  { upTo: Infinity, word: 'rough' },
] as const;
