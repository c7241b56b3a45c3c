import { keyOf, signatureOf, type PartMeasure, type Score } from '@drop-close/core';
import type { SystemPlace } from './types';

/** A clef, each sign of the key and a meter that is new take so much of a bar, in pixels. */
const CLEF = 44;
const KEY_SIGN = 10;
const METER = 26;
/** The least room of a bar, of each of its moments, and of a sign before a note. */
const BAR = 34;
const MOMENT = 15;
const SIGN = 12;

/** Sharps and flats of a signature in their order. Source: common practice of engraving. */
const SHARPS = ['F', 'C', 'G', 'D', 'A', 'E', 'B'];
const FLATS = ['B', 'E', 'A', 'D', 'G', 'C', 'F'];

/** The sign of each letter in a key; none is natural. */
function signature(key: string): Map<string, string> {
  const { name, mode } = keyOf(key);
  const sharps = signatureOf(name, mode);
  const letters = sharps > 0 ? SHARPS.slice(0, sharps) : FLATS.slice(0, -sharps);
  return new Map(letters.map((letter) => [letter, sharps > 0 ? '#' : 'b']));
}

/** What a bar needs so that no note lies on the next, in pixels of medium size. */
export function leastWidth({ voices }: PartMeasure, key: string): number {
  const needs = voices.map(({ moments }) => {
    const signs = signature(key);
    return moments.reduce((sum, { notes }) => {
      let widest = 0;
      for (const { note, tiedFrom } of notes) {
        const [letter, sign] = [note.charAt(0), note.slice(1)];
        // A natural is a sign too, and a double flat is two.
        const isSigned = (signs.get(letter) ?? '') !== sign && !tiedFrom;
        if (isSigned) widest = Math.max(widest, sign.length, 1);
        signs.set(letter, sign);
      }
      return sum + MOMENT + widest * SIGN;
    }, BAR);
  });
  return Math.max(BAR, ...needs);
}

/** What the clef and the key take at the beginning of a line, in pixels of medium size. */
export const headRoom = (key: string): number => CLEF + signature(key).size * KEY_SIGN;

/** Whether the meter is written: in the first bar, and where it changes. */
export function isNewMeter(measures: Score['measures'], position: number): boolean {
  const [before, now] = [measures[position - 1]?.meter, measures[position]!.meter];
  return !before || before.beats !== now.beats || before.unit !== now.unit;
}

/** What each bar of a score needs, with the meter where it is new, in pixels of medium size. */
export const needsOf = ({ key, measures, parts }: Pick<Score, 'key' | 'measures' | 'parts'>) =>
  (parts[0]?.measures ?? []).map(
    (bar, position) => leastWidth(bar, key) + (isNewMeter(measures, position) ? METER : 0),
  );

/** Every bar of a line has what it needs and the same of what is left; of too little each has its share. */
export function widthsOf(score: Score, { first, count, width }: SystemPlace): number[] {
  const needs = needsOf(score).slice(first, first + count);
  const all = needs.reduce((sum, need) => sum + need, 0);
  const head = headRoom(score.key);
  const room = width - 1 - head;
  const more = (room - all) / count;
  return needs.map(
    (need, at) => (more > 0 ? need + more : (room * need) / all) + (at === 0 ? head : 0),
  );
}
