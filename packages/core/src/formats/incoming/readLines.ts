/** What each line of a text is: a head, a part, changes, words, the beginning of another tune. */
import { parseKey } from '../../chart/header';
import { barSlot } from '../../chart/slot';
import { cleanLine } from './clean';
import { formIn } from '../charts/form';
import { headOfLine, type SaidHead } from '../charts/headWords';
import { isChord, partingOf, spaced, wordsOf } from './barsOfLine';
import { inOnePiece } from './spoken';
import { isSurelyPart, marksOf, partName, playedTimes, type MarkedLine } from './lineMarks';

export type ReadLine = { readonly line: number; readonly text: string } & (
  | { readonly kind: 'blank' }
  | { readonly kind: 'rule' }
  | { readonly kind: 'head'; readonly head: SaidHead }
  | { readonly kind: 'part'; readonly name: string; readonly times?: number }
  | { readonly kind: 'changes'; readonly marked: MarkedLine }
  | { readonly kind: 'words'; readonly words: string }
  | { readonly kind: 'too long' }
);

/** No line of a chart is longer, in characters. */
const LONGEST_LINE = 1000;

/** The lines of a text. A single letter among lines with bar lines, or between blank lines and changes, is a part, else a chord. */
export function readLines(text: string): ReadLine[] {
  const rows = partsInTable(text.split(/\r\n|\r|\n/));
  const read = rows.map((row, at) => readLine(row, at + 1));
  const wider = read.filter(
    (each) => each.kind === 'changes' && wordsOf(each.marked.changes).length > 1,
  );
  const { sure, often } = namesIn(read);
  const isBarred = wider.length > 0 && wider.every(({ text: own }) => own.includes('|'));
  return read.map((each, at): ReadLine => {
    if (each.kind !== 'changes' || !wider.length || each.marked.part !== undefined) return each;
    const name = nameIn(each);
    if (name === undefined) return each;
    const opens = at === 0 || read[at - 1]!.kind !== 'changes';
    const leads = read[at + 1]?.kind === 'changes';
    if (!isBarred && !sure.has(name) && !(opens && (leads || often.has(name)))) return each;
    const { times } = each.marked;
    return { line: each.line, text: each.text, kind: 'part', name, ...(times > 1 && { times }) };
  });
}

/** The names of parts: those that have a colon or brackets somewhere, and those that stand there more than once. */
function namesIn(lines: readonly ReadLine[]): Record<'sure' | 'often', ReadonlySet<string>> {
  const named = lines.flatMap((each) => {
    const name = nameIn(each);
    return name === undefined ? [] : [{ name, isSure: isNamedSurely(each) }];
  });
  const once = new Set<string>();
  const often = new Set<string>();
  for (const { name } of named) (once.has(name) ? often : once).add(name);
  return { sure: new Set(named.flatMap(({ name, isSure }) => (isSure ? [name] : []))), often };
}

const isNamedSurely = (each: ReadLine): boolean =>
  each.kind === 'part' || (each.kind === 'changes' && each.marked.part !== undefined);

/** The part that a line names, or may name. */
function nameIn(each: ReadLine): string | undefined {
  if (each.kind === 'part') return each.name;
  if (each.kind !== 'changes') return undefined;
  return each.marked.part ?? partName(each.marked.changes);
}

function readLine(row: string, line: number): ReadLine {
  const base = { line, text: row.trim() };
  if (row.length > LONGEST_LINE) return { ...base, kind: 'too long' };
  const text = cleanLine(row);
  const trimmed = text.trim();
  if (!trimmed || isTableLine(trimmed)) return { ...base, kind: 'blank' };
  if (/^[-=_*~#]{3,}$/.test(trimmed)) return { ...base, kind: 'rule' };
  const header =
    /^(title|key|meter|tempo|feel|pickup)\s*:(?!\|)/i.test(trimmed) && headOfLine(trimmed);
  if (header) return { ...base, kind: 'head', head: header };
  // Its letters would be chords, or one part.
  if (formIn(trimmed) !== undefined) return { ...base, kind: 'words', words: trimmed };
  const { named, times } = playedTimes(trimmed);
  if (isSurelyPart(named)) {
    return { ...base, kind: 'part', name: partName(named)!, ...(times > 1 && { times }) };
  }
  const pieced = marksOf(inOnePiece(chordsOver(text) ?? text));
  const marked = hasChanges(pieced) ? pieced : marksOf(text);
  if (hasChanges(marked)) {
    return { ...base, kind: 'changes', marked: { ...marked, changes: spaced(marked.changes) } };
  }
  const head = headOfLine(trimmed);
  if (head) return { ...base, kind: 'head', head };
  return { ...base, kind: 'words', words: trimmed.replace(/^(?:#|\/\/|;|\*)+\s*/, '') };
}

const FIRST_CELL = /^\s*\|([^|]*)\|/;

/** A table whose first column names the parts, with these before their changes as elsewhere. */
function partsInTable(rows: readonly string[]): readonly string[] {
  const isTable = rows.some((row) => row.length <= LONGEST_LINE && isTableLine(row.trim()));
  if (!isTable) return rows;
  const named = rows.map((row) =>
    isTableLine(row.trim()) ? undefined : FIRST_CELL.exec(row)?.[1]?.trim(),
  );
  const areParts = named.every((name) => !name || partName(name) !== undefined);
  if (!areParts) return rows;
  return rows.map((row, at) => (named[at] ? row.replace(FIRST_CELL, `${named[at]}: |`) : row));
}

/** Under the head of a table. */
const isTableLine = (text: string): boolean =>
  text.includes('|') && /^[|\s:]*-{3}[-|\s:]*$/.test(text);

/** Chords in square brackets, alone or before the syllables they are over, without these. */
function chordsOver(text: string): string | undefined {
  const chords = [...text.matchAll(/\[([^[\]\s]+)\]/g)].map(([, word]) => word!);
  const rest = text.replace(/\[[^[\]]*\]/g, ' ').trim();
  // Letters alone would be parts.
  const areSymbols = rest !== '' || chords.some((word) => word.length > 1);
  return areSymbols && !rest.includes('|') && chords.length > 1 && chords.every(isChord)
    ? chords.join(' ')
    : undefined;
}

/** Bar lines with a chord between them, or words of which more than half are chords. */
function hasChanges({ changes }: MarkedLine): boolean {
  const words = wordsOf(changes.replace(/"[^"]*"/g, ' ').replace(/[|:,;→\t]/g, ' '));
  const marks = words.filter((word) => /^(?:[/.%-]+)$/.test(word)).length;
  const chords = words.filter(isChordWord).length;
  const others = words.length - marks - chords;
  if (changes.includes('|')) return chords > 0 || marks > 0 || others === 0;
  if (partingOf(changes) === 'loose' && /^%$/.test(changes.trim())) return true;
  return chords > others;
}

/** A chord, or what was surely meant as one. */
const isChordWord = (word: string): boolean =>
  (/^[A-H][^\s,;]{0,12}[\d#()+°øΔ]/.test(word) && !/[a-z]{4}/.test(word)) ||
  isChord(word.replace(/[/-]+$/, '').replace(/^\(+|\)+$/g, '')) ||
  barSlot(word).kind === 'chord';

/** Whether words look like the name of a tune: short, and most of them with a capital, where a script has any. */
export function isTitle(words: string): boolean {
  if (words.length > 60 || /[.,!?:]$/.test(words) || parseKey(words)) return false;
  if (formIn(words) !== undefined) return false;
  const all = words.split(/\s+/).filter((word) => /\p{L}/u.test(word));
  const low = all.filter((word) => /^\p{Ll}/u.test(word));
  return all.length > 0 && low.length * 2 < all.length && !/^\p{Ll}/u.test(all[0]!);
}
