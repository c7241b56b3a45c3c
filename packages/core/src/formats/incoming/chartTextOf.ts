/** The lines of one tune as chart text, and what became of each. */
import { parseMeter } from '../../chart/meter';
import { barsOfLine, partingOf, wordsOf, type LooseBar } from './barsOfLine';
import type { SaidHead } from './headWords';
import type { ReadLine } from './readLines';
import type { PasteHabits, UnderstoodLine } from './types';

export interface WrittenChart {
  readonly text: string;
  /** What became of the lines of the source, by their numbers. */
  readonly became: ReadonlyMap<number, Pick<UnderstoodLine, 'kind' | 'as'>>;
  /** Which line of the source a line of the chart text came from. */
  readonly lineOf: (line: number) => number;
  /** As the strokes tell it, where nobody has said it. */
  readonly meter?: string;
}

interface Row {
  readonly text: string;
  /** Of the source. */
  readonly line: number;
}

const BARS_A_LINE = 4;
/** More of these between changes than of the changes themselves: they are sung. */
const LYRIC_SHARE = 0.5;

export function chartTextOf(
  lines: readonly ReadLine[],
  head: SaidHead,
  habits: PasteHabits,
): WrittenChart {
  const changes = lines.flatMap((each) => (each.kind === 'changes' ? [each] : []));
  const meter = head.meter ?? (inThree(changes) ? '3/4' : undefined);
  const beats = (meter && parseMeter(meter)?.beats) || 4;
  const loose = looseOf(changes, habits);
  const sung = areSung(lines);
  const first = lines[0]?.line ?? 1;
  const rows: Row[] =
    head.pickup === undefined ? [] : [{ text: `pickup: ${head.pickup}`, line: first }];
  const became = new Map<number, Pick<UnderstoodLine, 'kind' | 'as'>>();
  let waiting: string[] = [];
  /** Lines that are a bar each share a row. */
  let row: { bars: LooseBar[]; line: number } | undefined;
  const endRow = (): void => {
    if (row) rows.push({ text: rowText(row.bars), line: row.line });
    row = undefined;
  };
  for (const each of lines) {
    if (each.kind === 'part') {
      endRow();
      rows.push({ text: `[${each.name}]`, line: each.line });
    }
    if (each.kind === 'blank') endRow();
    if (each.kind === 'too long') {
      became.set(each.line, { kind: 'left out', as: 'Longer than any line of a chart' });
    }
    if (each.kind === 'words') {
      const isKept = habits.keepWords && !sung;
      if (isKept) waiting.push(quoted(each.words));
      const why = sung ? 'Reads like words that are sung' : 'Remarks are left out';
      became.set(
        each.line,
        isKept ? { kind: 'words', as: quoted(each.words) } : { kind: 'left out', as: why },
      );
    }
    if (each.kind !== 'changes') continue;
    const { marked } = each;
    if (marked.part !== undefined) {
      endRow();
      rows.push({ text: `[${marked.part}]`, line: each.line });
    }
    const bars = repeated(barsOfLine(marked.changes, beats, loose), marked);
    const behind = marked.words.map(quoted);
    const [begins, ...rest] = bars;
    const over = begins ? [withWords(begins, waiting), ...rest] : [];
    const all = behind.length && over.length ? lastWith(over, behind) : over;
    if (begins) waiting = [];
    became.set(each.line, { kind: 'changes', as: rowText(all) });
    const isOneBar = bars.length === 1 && partingOf(marked.changes) === 'loose' && loose === 'bar';
    if (!isOneBar) endRow();
    row ??= { bars: [], line: each.line };
    row.bars.push(...all);
    if (!isOneBar || row.bars.length === BARS_A_LINE) endRow();
  }
  endRow();
  const text =
    rows.map((each) => each.text).join('\n') + (waiting.length ? ` ${waiting.join(' ')}` : '');
  const sources = rows.flatMap(({ text: own, line }) => own.split('\n').map(() => line));
  const lineOf = (line: number): number => sources[line - 1] ?? sources.at(-1) ?? 0;
  return { text, became, lineOf, ...(head.meter === undefined && meter && { meter }) };
}

const quoted = (words: string): string => `"${words.replaceAll('"', '')}"`;

const withWords = (bar: LooseBar, words: readonly string[]): LooseBar =>
  words.length ? { ...bar, slots: [...words, bar.slots].join(' ') } : bar;

const lastWith = (bars: readonly LooseBar[], words: readonly string[]): LooseBar[] => [
  ...bars.slice(0, -1),
  withWords(bars.at(-1)!, words),
];

type ChangesLine = Extract<ReadLine, { kind: 'changes' }>;

/** A line played twice is repeated; more often it is written out. */
function repeated(bars: readonly LooseBar[], { times, ending }: ChangesLine['marked']): LooseBar[] {
  const ended =
    ending === undefined ? [...bars] : bars.map((bar, at) => (at ? bar : { ...bar, ending }));
  const isRepeated = ended.some(({ opens, closes }) => opens || closes);
  if (times < 2 || (isRepeated && times === 2)) return ended;
  const last = ended.length - 1;
  if (times === 2) {
    return ended.map((bar, at) => ({ ...bar, opens: at === 0, closes: at === last }));
  }
  const once = ended.map((bar) => ({ ...bar, opens: false, closes: false }));
  return Array.from({ length: times }, () => once).flat();
}

function rowText(bars: readonly LooseBar[]): string {
  const lines: string[] = [];
  const perLine = bars.length > 2 * BARS_A_LINE ? BARS_A_LINE : bars.length;
  for (let from = 0; from < bars.length; from += perLine) {
    const own = bars.slice(from, from + perLine);
    let text = own[0]!.opens ? '|:' : '|';
    own.forEach(({ slots, closes, ending }, at) => {
      const next = own[at + 1];
      const mark = ending === undefined ? '' : `(${ending}`;
      text += `${mark} ${slots} ${closes ? ':' : ''}|${next?.opens ? ':' : ''}`;
    });
    lines.push(text);
  }
  return lines.join('\n');
}

/** Lines with a chord or two, several of them, are a bar each; else every chord is one. */
function looseOf(changes: readonly ChangesLine[], { looseLines }: PasteHabits): 'bar' | 'chords' {
  if (looseLines !== 'by the text') return looseLines === 'a line is a bar' ? 'bar' : 'chords';
  const loose = changes.filter(({ marked }) => partingOf(marked.changes) === 'loose');
  const most = Math.max(0, ...loose.map(({ marked }) => wordsOf(marked.changes).length));
  return most <= 2 && loose.length > 1 ? 'bar' : 'chords';
}

/** Whether every bar that is laid out in beats has three. */
function inThree(changes: readonly ChangesLine[]): boolean {
  const bars = changes
    .filter(({ marked }) => partingOf(marked.changes) === 'bar lines')
    .flatMap(({ marked }) => marked.changes.split('|'))
    .map((cell) => wordsOf(cell))
    .filter((words) => words.some((word) => /^[/-]$/.test(word)));
  return bars.length > 1 && bars.every((words) => words.length === 3);
}

/** Words between the changes, about as many lines of them as of changes, and none of them a head. */
function areSung(lines: readonly ReadLine[]): boolean {
  const first = lines.findIndex(({ kind }) => kind === 'changes');
  const inside = lines.slice(Math.max(0, first));
  const [words, changes] = [
    inside.filter((each) => each.kind === 'words' && each.words.split(' ').length > 2).length,
    inside.filter(({ kind }) => kind === 'changes').length,
  ];
  return words > 2 && words > changes * LYRIC_SHARE;
}
