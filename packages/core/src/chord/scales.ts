import { plainRoot, spellFrom, type NoteName } from '../pitch/spelling';
import { pitchClass } from '../base/units';

/**
 * Scales by their steps, as degrees of the major scale on the same root. Source: common practice; the
 * pitches are checked against @tonaljs/scale-type in analysis/pools/outside.test.ts.
 */
export const SCALES = {
  Ionian: '1 2 3 4 5 6 7',
  Dorian: '1 2 b3 4 5 6 b7',
  Phrygian: '1 b2 b3 4 5 b6 b7',
  Lydian: '1 2 3 #4 5 6 7',
  Mixolydian: '1 2 3 4 5 6 b7',
  Aeolian: '1 2 b3 4 5 b6 b7',
  Locrian: '1 b2 b3 4 b5 b6 b7',
  'Locrian natural 9': '1 2 b3 4 b5 b6 b7',
  'melodic minor': '1 2 b3 4 5 6 7',
  'harmonic minor': '1 2 b3 4 5 b6 7',
  'Dorian b9': '1 b2 b3 4 5 6 b7',
  'Lydian b7': '1 2 3 #4 5 6 b7',
  'Lydian augmented': '1 2 3 #4 #5 6 7',
  'Mixolydian b13': '1 2 3 4 5 b6 b7',
  'Mixolydian b9 b13': '1 b2 3 4 5 b6 b7',
  altered: '1 b2 #2 3 b5 #5 b7',
  'half-whole diminished': '1 b2 #2 3 #4 5 6 b7',
  'whole-half diminished': '1 2 b3 4 b5 b6 bb7 7',
  'whole tone': '1 2 3 #4 #5 b7',
  'major sixth-diminished': '1 2 3 4 5 b6 6 7',
  'minor sixth-diminished': '1 2 b3 4 5 b6 6 7',
  'major pentatonic': '1 2 3 5 6',
  'minor pentatonic': '1 b3 4 5 b7',
  blues: '1 b3 4 b5 5 b7',
  triad: '1 3 5',
  'minor triad': '1 b3 5',
} as const;

export type ScaleName = keyof typeof SCALES;

export const SCALE_NAMES = Object.keys(SCALES) as ScaleName[];

const MAJOR_STEPS = [0, 2, 4, 5, 7, 9, 11];

interface Step {
  readonly letterSteps: number;
  readonly semitones: number;
}

function stepOf(text: string): Step {
  const number = Number(/\d/.exec(text)?.[0]);
  const accidental = text.split('#').length - text.split('b').length;
  return {
    letterSteps: number - 1,
    semitones: pitchClass(MAJOR_STEPS[number - 1]! + accidental),
  };
}

const STEPS = new Map(
  Object.entries(SCALES).map(([name, steps]) => [name, steps.split(' ').map(stepOf)]),
);

/** Semitones of a scale above its first note. */
export const scaleSemitones = (name: ScaleName): number[] =>
  STEPS.get(name)!.map(({ semitones }) => semitones);

/**
 * A scale spelled from its first note, a letter to each step where the scale has seven.
 * @example scaleNotes('F', 'Lydian') // ['F', 'G', 'A', 'B', 'C', 'D', 'E']
 */
export const scaleNotes = (root: NoteName, name: ScaleName): NoteName[] =>
  STEPS.get(name)!.map(({ letterSteps, semitones }) => spellFrom(root, letterSteps, semitones));

/** Which scale a mode is of, and how far its root lies above that scale's. Source: arithmetic. */
const PARENTS: Readonly<
  Partial<Record<ScaleName, readonly [parent: string, letterSteps: number, semitones: number]>>
> = {
  Dorian: ['major', 1, 2],
  Phrygian: ['major', 2, 4],
  Lydian: ['major', 3, 5],
  Mixolydian: ['major', 4, 7],
  Aeolian: ['major', 5, 9],
  Locrian: ['major', 6, 11],
  'Dorian b9': ['melodic minor', 1, 2],
  'Lydian augmented': ['melodic minor', 2, 3],
  'Lydian b7': ['melodic minor', 3, 5],
  'Mixolydian b13': ['melodic minor', 4, 7],
  'Locrian natural 9': ['melodic minor', 5, 9],
  altered: ['melodic minor', 6, 11],
  'Mixolydian b9 b13': ['harmonic minor', 4, 7],
  'minor pentatonic': ['major pentatonic', 5, 9],
};

/**
 * A mode by the scale it is of; nothing where it is none.
 * @example parentOf('F', 'Mixolydian') // 'Bb major from F'
 * @example parentOf('A', 'minor pentatonic') // 'C major pentatonic from A'
 */
export function parentOf(root: NoteName, mode: ScaleName): string | undefined {
  const parent = PARENTS[mode];
  if (!parent) return undefined;
  const [name, letterSteps, semitones] = parent;
  return `${plainRoot(spellFrom(root, 7 - letterSteps, 12 - semitones))} ${name} from ${root}`;
}
