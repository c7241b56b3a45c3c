export const UNDER = ['by itself', 'diminished', 'slid', 'alone'] as const;
/**
 * What stands under a note of a line: what suits it, the diminished chord, the chord of the next note a half step
 * off, or nothing.
 */
export type Under = (typeof UNDER)[number];
