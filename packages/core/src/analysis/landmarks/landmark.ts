import { prettyNote } from '../../pitch/spelling';
import type { ChartReading, ReadMoment } from '../readings/chartReading';
import type { Landmark, LandmarkKind } from '../base/types';

/** Looks for one thing that players know by name. Pure; its finds are in order of bars. */
export type LandmarkFinder = (tune: ChartReading) => Landmark[];

/**
 * A landmark from one chord to another, both in it. `rings`: the last chord belongs to it for as long
 * as it sounds; `arrives`: it is over in the bar in which the last chord comes.
 */
export function landmark(
  kind: LandmarkKind,
  label: string,
  from: ReadMoment,
  to: ReadMoment,
  end: 'rings' | 'arrives' = 'rings',
): Landmark {
  const toBar = end === 'rings' ? to.toBar : to.fromBar;
  const last = end === 'rings' ? to.last : to.first;
  return { kind, label, fromBar: from.fromBar, toBar, first: from.first, last };
}

/** A landmark made of whole bars. */
export function ofBars(
  { events }: ChartReading,
  kind: LandmarkKind,
  label: string,
  fromBar: number,
  toBar: number,
): Landmark {
  const inside = events.flatMap(({ bar }, at) => (bar >= fromBar && bar <= toBar ? [at] : []));
  return { kind, label, fromBar, toBar, first: inside[0] ?? 0, last: inside.at(-1) ?? 0 };
}

/** A root as players name it, `E♭`. */
export const nameOfRoot = ({ chord }: ReadMoment): string => prettyNote(chord.root);

/** "a half step", "a whole step", for an interval between roots, 1..6. */
export const STEP_NAMES: Readonly<Record<number, string>> = {
  1: 'a half step',
  2: 'a whole step',
  3: 'a minor third',
  4: 'a major third',
  5: 'a fourth',
  6: 'a tritone',
};

/** "down a whole step", "up a half step", for semitones up, 1..11. */
export function moveInWords(semitonesUp: number): string {
  const up = semitonesUp <= 6;
  return `${up ? 'up' : 'down'} ${STEP_NAMES[up ? semitonesUp : 12 - semitonesUp] ?? 'not at all'}`;
}

const NUMBERS = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** "two", "three", up to twelve; figures beyond. */
export const inWords = (count: number): string => NUMBERS[count] ?? String(count);

/** A symbol in a line of text: real accidentals, a capital root. */
export const prettySymbol = (symbol: string): string =>
  symbol.charAt(0).toUpperCase() +
  symbol
    .slice(1)
    .replace(/^b|b(?=\d)|(?<=\/[A-G])b/g, '♭')
    .replaceAll('#', '♯');

/** A number in a line of text: real accidentals. */
export const prettyNumber = (numeral: string): string =>
  numeral.replaceAll('b', '♭').replaceAll('#', '♯');
