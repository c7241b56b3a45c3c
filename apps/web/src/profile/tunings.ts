export interface Tuning {
  readonly name: string;
  /** MIDI notes, from string n to string 1. */
  readonly pitches: readonly number[];
}

const FOURTH = 5;

/** The tuning with one more string: a fourth below its first. */
export const withLowString = (tuning: readonly number[]): number[] => [
  (tuning[0] ?? 45) - FOURTH,
  ...tuning,
];

export const tuningName = (tuning: readonly number[], tunings: readonly Tuning[]): string =>
  tunings.find(({ pitches }) => pitches.join() === tuning.join())?.name ?? 'Your own';
