import { pitchClass } from '../base/units';
import type { Degree } from '../chord/degrees';
import { stringSetOf } from '../voicing/base/stringSet';
import type { Instrument, Voicing } from '../voicing/base/types';
import { stepped, type Steps } from '../voicing/stepped';
import type { ClearOf, Rule } from './base/types';

/** Intervals that rub when they are held, in semitones: a half step and a minor ninth. Source: common practice. */
export const RUBS: readonly number[] = [1, 13];

/** How often a voicing rubs against notes that are held. */
export const rubsIn = ({ notes }: Voicing, held: readonly number[]): number =>
  notes.reduce(
    (sum, { midi }) => sum + held.filter((other) => RUBS.includes(Math.abs(midi - other))).length,
    0,
  );

/**
 * The voicings of a list that keep clear: those that rub least; of these the ones without a note that contradicts the
 * soloist, and of these the ones below the ceiling, where there are any. Never none of a list that has some.
 */
export function clearVoicings(
  list: readonly Voicing[],
  { held, alone = [], ceiling = Infinity }: ClearOf,
): readonly Voicing[] {
  const rubs = list.map((voicing) => rubsIn(voicing, held));
  const least = Math.min(...rubs);
  const kept = list.filter((_, at) => rubs[at] === least);
  const agreeing = alone.length
    ? preferring(kept, ({ notes }) => notes.every(({ midi }) => !alone.includes(pitchClass(midi))))
    : kept;
  return preferring(agreeing, (voicing) => topOf(voicing) <= ceiling);
}

/** Whether a voicing neither rubs nor reaches into the soloist's register. */
export const isClear = (voicing: Voicing, { held, ceiling = Infinity }: ClearOf): boolean =>
  topOf(voicing) <= ceiling && rubsIn(voicing, held) === 0;

/** The voicings of a list that keep a rule, as far as there are any. Never none of a list that has some. */
export function keepingTo(
  list: readonly Voicing[],
  { degrees, strings, tops, bottoms, clear, steps }: Rule,
  instrument: Instrument,
): readonly Voicing[] {
  const movable = steps
    ? preferring(list, (voicing) => steps.every((each) => stepped(voicing, each, instrument)))
    : list;
  const onStrings = strings
    ? preferring(movable, (voicing) => stringSetOf(voicing) === strings)
    : movable;
  const told = degrees ? preferring(onStrings, (voicing) => sounds(voicing, degrees)) : onStrings;
  const topped = tops ? preferring(told, (voicing) => tops.includes(topOf(voicing))) : told;
  const based = bottoms
    ? preferring(topped, ({ notes }) => bottoms.includes(notes[0]?.midi ?? -1))
    : topped;
  return clear && based.length ? clearVoicings(based, clear) : based;
}

function preferring(
  list: readonly Voicing[],
  keeps: (voicing: Voicing) => boolean,
): readonly Voicing[] {
  const kept = list.filter(keeps);
  return kept.length ? kept : list;
}

/** The MIDI note on top; far below all where nothing sounds. */
export const topOf = ({ notes }: Voicing): number => notes.at(-1)?.midi ?? -Infinity;

/** Whether just these degrees sound. */
export const sounds = ({ notes }: Voicing, degrees: readonly Degree[]): boolean =>
  notes.length === degrees.length && notes.every(({ degree }) => degrees.includes(degree));

/** The same for rules that say the same. */
export const ruleKey = ({ degrees, strings, tops, bottoms, clear, steps }: Rule): string =>
  [degrees, tops, bottoms, clear?.held, clear?.alone]
    .map((each) => each?.join(' ') ?? '')
    .join(', ') +
  ` on ${strings ?? ''} below ${clear?.ceiling ?? ''} by ${steps?.map(stepsKey).join(', ') ?? ''}`;

const stepsKey = ({ scale, by, hold, voice, only }: Steps): string =>
  `${scale.join(' ')} ${by} ${hold ?? ''} ${voice ?? ''} ${only?.join(',') ?? ''}`;
