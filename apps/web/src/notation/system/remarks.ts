/** What is said over the bars of a line: words and signs of the form, each from its bar, in as many rows as it takes. */
import type { Score, ScoreMeasure } from '@drop-close/core';
import { prettyName } from '../../ui/notation';
import { sectionWidth, wordsWidth } from '../../ui/textWidth';
import type { SystemPlace } from './types';
import { widthsOf } from './widths';

/** From row to row, in pixels. */
export const ROW = 15;
const AFTER_SECTION = 12;
/** Between two remarks. */
const GAP = 10;
/** A remark that has less room than this, or not enough for three rows, begins before its bar. */
const LEAST = 110;
const ROWS = 3;
/** Rows end at a word: together they take so much more. */
const RAGGED = 1.25;

/** What is said from a bar, as it is set. */
export interface Remark {
  /** Where its rows begin, in pixels. */
  readonly x: number;
  /** From above. */
  readonly rows: readonly string[];
}

/** What is said over a line of a score, from left to right. @param symbolOf how a symbol is written */
export function remarksOf(
  score: Pick<Score, 'key' | 'measures' | 'parts'>,
  place: Pick<SystemPlace, 'first' | 'count' | 'width'>,
  symbolOf: (symbol: string) => string,
): Remark[] {
  const measures = score.measures.slice(place.first, place.first + place.count);
  const said = measures.map(saidIn);
  const many = said.filter((words) => words).length;
  if (!many) return [];
  const widths = widthsOf(score, place, symbolOf);
  const share = (place.width - indentOf(measures[0]!)) / many - GAP;
  const wanted = said.map((words) => {
    const inOneRow = wordsWidth(words);
    return Math.min(inOneRow, share, Math.max(LEAST, (inOneRow * RAGGED) / ROWS));
  });
  const remarks: Remark[] = [];
  let bar = place.width;
  let edge = place.width;
  // From right to left: what is said ends where the next begins, and leaves room for what is said before it.
  for (let at = measures.length - 1; at >= 0; at -= 1) {
    bar -= widths[at]!;
    const begin = at === 0 ? 0 : bar;
    const words = said[at]!;
    if (words) {
      const before = wanted.slice(0, at).map((width) => (width ? width + GAP : 0));
      const leftmost = before.reduce((sum, width) => sum + width, indentOf(measures[0]!));
      const own = begin + indentOf(measures[at]!);
      const x = Math.max(leftmost, Math.min(own, edge - wanted[at]!));
      remarks.unshift({ x, rows: inRows(words, edge - x) });
      edge = x - GAP;
    }
    if (measures[at]!.section !== undefined) edge = Math.min(edge, begin - GAP);
  }
  return remarks;
}

/** What the section that begins with a bar takes over it. */
const indentOf = ({ section }: ScoreMeasure): number =>
  section === undefined ? 0 : sectionWidth(section) + AFTER_SECTION;

/** Words in rows that are not wider than their room; only a word that is wider than that is broken. */
function inRows(words: string, room: number): string[] {
  const rows: string[] = [];
  for (const word of words.split(' ').flatMap((each) => broken(each, room))) {
    const longer = rows.length ? `${rows.at(-1)} ${word}` : word;
    if (rows.length && wordsWidth(longer) <= room) rows[rows.length - 1] = longer;
    else rows.push(word);
  }
  return rows;
}

/** A word in parts that are not wider than their room. */
function broken(word: string, room: number): string[] {
  let parts = [''];
  for (const one of word) {
    const part = parts.at(-1)! + one;
    parts = wordsWidth(part) <= room ? [...parts.slice(0, -1), part] : [...parts, one];
  }
  return parts.filter((part) => part);
}

/** Words and signs of a bar. A section called by its sign says it already. */
const saidIn = ({ words, directions, section }: ScoreMeasure): string =>
  prettyName([...words, ...directions.map(signOf)].filter((said) => said !== section).join(', '));

type Direction = ScoreMeasure['directions'][number];
const UNTIL = { end: '', fine: ' al Fine', coda: ' al Coda' } as const;
const SIGNS = { segno: 'Segno', coda: 'Coda', 'to coda': 'To Coda', fine: 'Fine' } as const;

function signOf(direction: Direction): string {
  if (direction.kind !== 'jump') return SIGNS[direction.kind];
  return `${direction.from === 'beginning' ? 'D.C.' : 'D.S.'}${UNTIL[direction.until]}`;
}
