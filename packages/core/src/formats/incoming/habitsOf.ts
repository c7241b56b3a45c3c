/** How a text as a whole is written: what its lines are where nothing parts them, its meter, whether its words are sung. */
import { columnsOf, partingOf, wordsOf, type LooseLine } from './barsOfLine';
import type { ReadLine } from './readLines';
import type { PasteHabits } from './types';

export type ChangesLine = Extract<ReadLine, { kind: 'changes' }>;

/** More of these between changes than of the changes themselves: they are sung. */
const LYRIC_SHARE = 0.5;

/** Lines with a chord or two, several of them, are a bar each; chords in even columns share the bars of these; else every chord is one. */
export function looseOf(changes: readonly ChangesLine[], { looseLines }: PasteHabits): LooseLine {
  if (looseLines !== 'by the text') return looseLines === 'a line is a bar' ? 'bar' : 'chords';
  const loose = changes
    .map(({ marked }) => marked.changes)
    .filter((line) => partingOf(line) === 'loose');
  const most = Math.max(0, ...loose.map((line) => wordsOf(line).length));
  if (most <= 2 && loose.length > 1) return 'bar';
  return areColumns(loose.map(columnsOf)) ? 'columns' : 'chords';
}

/** As many bars in every line, some with two chords or four. */
function areColumns(lines: readonly (readonly (readonly string[])[])[]): boolean {
  const [first] = lines;
  const sizes = lines.flatMap((columns) => columns.map(({ length }) => length));
  return (
    lines.length > 1 &&
    first!.length > 1 &&
    lines.every(({ length }) => length === first!.length) &&
    sizes.every((size) => size === 1 || size === 2 || size === 4) &&
    sizes.some((size) => size > 1)
  );
}

/** Whether every bar that is laid out in beats has three. */
export function inThree(changes: readonly ChangesLine[]): boolean {
  const bars = changes
    .filter(({ marked }) => partingOf(marked.changes) === 'bar lines')
    .flatMap(({ marked }) => marked.changes.split('|'))
    .map((cell) => wordsOf(cell))
    .filter((words) => words.some((word) => /^[/-]$/.test(word)));
  return bars.length > 1 && bars.every((words) => words.length === 3);
}

/** Words between the changes, about as many lines of them as of changes; or, where they are few, all of them under their chords. */
export function areSung(lines: readonly ReadLine[]): boolean {
  const first = lines.findIndex(({ kind }) => kind === 'changes');
  const inside = lines.slice(Math.max(0, first));
  const words = inside.filter(isLongWords).length;
  const changes = inside.filter(({ kind }) => kind === 'changes').length;
  if (words > 2) return words > changes * LYRIC_SHARE;
  return words === 2 && changes === 2 && standUnderChords(inside);
}

const isLongWords = (each: ReadLine | undefined): boolean =>
  each?.kind === 'words' && each.words.split(' ').length > 2;

/** Whether every line of changes has words right under it. */
const standUnderChords = (lines: readonly ReadLine[]): boolean =>
  lines.every(({ kind }, at) => kind !== 'changes' || isLongWords(lines[at + 1]));
