/** Tunings by name, lowest string first, as MIDI notes. Source: common practice. */
export const TUNINGS: readonly { readonly name: string; readonly pitches: readonly number[] }[] = [
  { name: 'Standard, E A D G B E', pitches: [40, 45, 50, 55, 59, 64] },
  { name: 'Dropped D', pitches: [38, 45, 50, 55, 59, 64] },
  { name: 'All in fourths', pitches: [40, 45, 50, 55, 60, 65] },
  { name: 'A whole step down', pitches: [38, 43, 48, 53, 57, 62] },
  { name: 'Seven strings, low B', pitches: [35, 40, 45, 50, 55, 59, 64] },
  { name: 'Seven strings, low A', pitches: [33, 40, 45, 50, 55, 59, 64] },
  { name: 'Eight strings, low F♯', pitches: [30, 35, 40, 45, 50, 55, 59, 64] },
  { name: 'Four strings, D G B E', pitches: [50, 55, 59, 64] },
  { name: 'Five strings, A D G B E', pitches: [45, 50, 55, 59, 64] },
];

const FOURTH = 5;

/** The tuning with one more string: a fourth below the lowest. */
export const withLowString = (tuning: readonly number[]): number[] => [
  (tuning[0] ?? 45) - FOURTH,
  ...tuning,
];

export const tuningName = (tuning: readonly number[]): string =>
  TUNINGS.find(({ pitches }) => pitches.join() === tuning.join())?.name ?? 'Your own';
