/** What the answers of a drill say together, and of which layer they are a review. Source: our own rule, told in docs/practice.md. */
import type { LayerId } from '../items/items';
import type { Measured } from '../schedule/grades';
import type { DrillId } from './types';

/** The layer that is practised by a drill. */
export const DRILL_LAYERS: Readonly<Record<DrillId, LayerId>> = {
  'name the degree': 'arpeggios',
  'spell the chord': 'arpeggios',
  'find the guide tones': 'guide tones',
  'which voice was dropped': 'voicings',
  'from numbers': 'numbers',
  'nearest next grip': 'voicings',
  'which voice moved': 'voicings',
  'what is on top': 'voicings',
};

/** What an answer usually takes, in seconds; slower than twice that is slow. */
const USUAL_SECONDS: Readonly<Record<DrillId, number>> = {
  'name the degree': 6,
  'spell the chord': 15,
  'find the guide tones': 12,
  'which voice was dropped': 10,
  'from numbers': 30,
  'nearest next grip': 15,
  'which voice moved': 8,
  'what is on top': 8,
};

/** Fewer answers than these say nothing of what is known. */
export const ENOUGH_ANSWERS = 5;

export interface Answered extends Measured {
  /** What it took, in seconds. */
  readonly seconds: number;
}

/**
 * Several answers of one drill as one measurement: the mean of what was right, of the time and of the detours.
 * @returns nothing of fewer than `ENOUGH_ANSWERS`
 */
export function measureOf(drill: DrillId, answers: readonly Answered[]): Measured | undefined {
  if (answers.length < ENOUGH_ANSWERS) return undefined;
  const detours = answers.flatMap(({ detour }) => detour ?? []);
  return {
    right: mean(answers.map(({ right }) => right)),
    slowness: mean(answers.map(({ seconds }) => seconds)) / USUAL_SECONDS[drill],
    ...(detours.length > 0 && { detour: mean(detours) }),
  };
}

/**
 * Several phrases played in time as one measurement.
 * @returns nothing of fewer than `ENOUGH_ANSWERS`
 */
export function measurePhrases(played: readonly Measured[]): Measured | undefined {
  if (played.length < ENOUGH_ANSWERS) return undefined;
  const looseness = played.flatMap((each) => each.looseness ?? []);
  return {
    right: mean(played.map(({ right }) => right)),
    ...(looseness.length > 0 && { looseness: mean(looseness) }),
  };
}

const mean = (numbers: readonly number[]): number =>
  numbers.reduce((sum, number) => sum + number, 0) / numbers.length;
