/**
 * Degrees: the names a chord gives its notes, each with the letter steps and the semitones above the
 * root. Two degrees may share a pitch (`#9` and `b3`, `#5` and `b13`); the chord decides the name.
 * Source: common practice; the numbers follow by arithmetic from the major scale.
 */
export const DEGREES = {
  R: { letterSteps: 0, semitones: 0 },
  b9: { letterSteps: 1, semitones: 1 },
  '2': { letterSteps: 1, semitones: 2 },
  '9': { letterSteps: 1, semitones: 2 },
  '#9': { letterSteps: 1, semitones: 3 },
  b3: { letterSteps: 2, semitones: 3 },
  '3': { letterSteps: 2, semitones: 4 },
  '4': { letterSteps: 3, semitones: 5 },
  '11': { letterSteps: 3, semitones: 5 },
  '#11': { letterSteps: 3, semitones: 6 },
  b5: { letterSteps: 4, semitones: 6 },
  '5': { letterSteps: 4, semitones: 7 },
  '#5': { letterSteps: 4, semitones: 8 },
  b13: { letterSteps: 5, semitones: 8 },
  '6': { letterSteps: 5, semitones: 9 },
  '13': { letterSteps: 5, semitones: 9 },
  bb7: { letterSteps: 6, semitones: 9 },
  b7: { letterSteps: 6, semitones: 10 },
  '7': { letterSteps: 6, semitones: 11 },
} as const;

export type Degree = keyof typeof DEGREES;

/** Order in which chord tones are stacked and listed: the body of the chord, then what lies on top. */
export const STACKING_ORDER: readonly Degree[] = [
  'R',
  '2',
  'b3',
  '3',
  '4',
  'b5',
  '5',
  '#5',
  '6',
  'bb7',
  'b7',
  '7',
  'b9',
  '9',
  '#9',
  '11',
  '#11',
  'b13',
  '13',
];

/**
 * The place a degree takes in a four-note chord, so that a ninth may stand for the root and a
 * thirteenth for the fifth. Source: common practice (tension exchange).
 */
export type ChordPlace = 'root' | 'third' | 'fifth' | 'seventh';

export const PLACE_OF: Readonly<Record<Degree, ChordPlace>> = {
  R: 'root',
  b9: 'root',
  '9': 'root',
  '#9': 'root',
  '2': 'third',
  b3: 'third',
  '3': 'third',
  '4': 'third',
  '11': 'fifth',
  '#11': 'fifth',
  b5: 'fifth',
  '5': 'fifth',
  '#5': 'fifth',
  b13: 'fifth',
  '13': 'fifth',
  '6': 'seventh',
  bb7: 'seventh',
  b7: 'seventh',
  '7': 'seventh',
};

/** Semitones of a degree above the root, 0..11. */
export const semitonesOf = (degree: Degree): number => DEGREES[degree].semitones;

/**
 * A degree as it is written by hand.
 * @example prettyDegree('b13') // '♭13'
 */
export const prettyDegree = (degree: string): string =>
  degree.replace(/b/g, '♭').replace(/#/g, '♯');
