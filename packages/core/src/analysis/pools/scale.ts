import { pitchClassOf, spellFrom, type NoteName } from '../../pitch/spelling';
import { pitchClass } from '../../base/units';
import type { Pool, School } from '../base/types';
import { SCALES, type ScaleName } from './data';

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

export const poolOf = (root: NoteName, name: ScaleName, when: string, school: School): Pool => ({
  name: `${root} ${name}`,
  notes: scaleNotes(root, name),
  when,
  school,
});

export const pitchesOf = (notes: readonly NoteName[]): Set<number> =>
  new Set(notes.map((note) => pitchClassOf(note)));
