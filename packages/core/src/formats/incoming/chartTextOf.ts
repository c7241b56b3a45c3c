/** The lines of one tune as chart text, and what became of each. */
import { parseMeter } from '../../chart/meter';
import { withPartsAgain } from './again';
import { barsOfLine, partingOf, type LooseBar, type LooseLine } from './barsOfLine';
import { withRepeats } from './endings';
import { inForm } from './inForm';
import { areSung, inThree, looseOf, type ChangesLine } from './habitsOf';
import type { SaidHead } from '../charts/headWords';
import type { ReadLine } from './readLines';
import type { PasteHabits, UnderstoodLine } from './types';

export interface WrittenChart {
  readonly text: string;
  /** What became of the lines of the source, by their numbers. */
  readonly became: ReadonlyMap<number, Pick<UnderstoodLine, 'kind' | 'as'>>;
  /** Which line of the source a place of the chart text came from; both counted from 1. */
  readonly lineOf: (line: number, column: number) => number;
  /** As the strokes tell it, where nobody has said it. */
  readonly meter?: string;
}

/** Text that came from one line of the source. */
interface Piece {
  readonly text: string;
  /** Of the source. */
  readonly line: number;
}

/** A bar, and the line of the source it came from. */
interface SourcedBar {
  readonly bar: LooseBar;
  readonly line: number;
}

const BARS_A_LINE = 4;

export function chartTextOf(
  written: readonly ReadLine[],
  head: SaidHead,
  habits: PasteHabits,
): WrittenChart {
  const { lines: formed, said } = inForm(withRepeats(written), head.form);
  const { lines, told } = withPartsAgain(formed);
  const changes = lines.flatMap((each) => (each.kind === 'changes' ? [each] : []));
  const meter = head.meter ?? (inThree(changes) ? '3/4' : undefined);
  const beats = (meter && parseMeter(meter)?.beats) || 4;
  const why = areSung(lines)
    ? 'Reads like words that are sung'
    : habits.keepWords
      ? undefined
      : 'Remarks are left out';
  const writing = new ChartWriting(beats, looseOf(changes, habits), why);
  if (head.pickup !== undefined) writing.addRow(`pickup: ${head.pickup}`, lines[0]?.line ?? 1);
  if (said) writing.tell(said.line, { kind: 'section', as: `${said.form}, written out` });
  for (const { line, as } of told) writing.tell(line, { kind: 'section', as });
  for (const each of lines) writing.read(each);
  return { ...writing.finish(), ...(head.meter === undefined && meter && { meter }) };
}

/** Rows of chart text grow line by line of the source. */
class ChartWriting {
  private readonly rows: (readonly Piece[])[] = [];
  private readonly became = new Map<number, Pick<UnderstoodLine, 'kind' | 'as'>>();
  /** Words for the bar that comes next. */
  private waiting: Piece[] = [];
  /** Bars of a row that may take more: lines that are a bar each share one. */
  private row: SourcedBar[] = [];
  /** How often the line that comes is played, as its part says. */
  private times = 1;

  constructor(
    private readonly beats: number,
    private readonly loose: LooseLine,
    /** Why words are left out; they are kept where there is no reason. */
    private readonly withoutWords: string | undefined,
  ) {}

  addRow(text: string, line: number): void {
    this.endRow();
    this.rows.push([{ text, line }]);
  }

  read(each: ReadLine): void {
    switch (each.kind) {
      case 'blank':
        this.endRow();
        return;
      case 'part':
        this.addRow(`[${each.name}]`, each.line);
        this.times = each.times ?? 1;
        return;
      case 'words':
        this.takeWords(each.words, each.line);
        return;
      case 'too long':
        this.leaveOut(each.line, 'Longer than any line of a chart');
        return;
      case 'changes':
        this.takeChanges(each);
        return;
      case 'rule':
      case 'head':
        return;
    }
  }

  tell(line: number, as: Pick<UnderstoodLine, 'kind' | 'as'>): void {
    this.became.set(line, as);
  }

  finish(): Omit<WrittenChart, 'meter'> {
    this.endRow();
    const last = this.rows.at(-1) ?? [];
    const behind = this.waiting.map(({ text, line }) => ({ text: ` ${text}`, line }));
    const rows = [...this.rows.slice(0, -1), [...last, ...behind]];
    const text = rows.map((row) => row.map((piece) => piece.text).join('')).join('\n');
    const lineOf = (line: number, column: number): number => sourceOf(rows[line - 1], column);
    return { text, became: this.became, lineOf };
  }

  private takeWords(words: string, line: number): void {
    if (this.withoutWords !== undefined) {
      this.leaveOut(line, this.withoutWords);
      return;
    }
    this.waiting.push({ text: quoted(words), line });
    this.tell(line, { kind: 'words', as: quoted(words) });
  }

  private leaveOut(line: number, as: string): void {
    this.tell(line, { kind: 'left out', as });
  }

  private takeChanges({ line, marked }: ChangesLine): void {
    if (marked.part !== undefined) this.addRow(`[${marked.part}]`, line);
    const times = Math.max(this.times, marked.times);
    this.times = 1;
    if (marked.over !== undefined) this.waiting.push({ text: quoted(marked.over), line });
    const own = barsOfLine(marked.changes, this.beats, this.loose);
    const read = repeated(own, { ...marked, times });
    const bars = lastWith(firstWith(read, this.waiting), marked.words.map(quoted));
    if (bars.length) this.waiting = [];
    const isOneBar =
      bars.length === 1 && partingOf(marked.changes) === 'loose' && this.loose === 'bar';
    if (!isOneBar) this.endRow();
    const sourced = bars.map((bar) => ({ bar, line }));
    this.row.push(...sourced);
    if (!isOneBar || this.row.length === BARS_A_LINE) this.endRow();
    const as = rowsOf(sourced).map((row) => row.map(({ text }) => text).join(''));
    this.tell(line, { kind: 'changes', as: as.join(' ') });
  }

  private endRow(): void {
    this.rows.push(...rowsOf(this.row));
    this.row = [];
  }
}

/** Which line of the source a place of a row came from. @param column from 1 */
function sourceOf(row: readonly Piece[] = [], column: number): number {
  let end = 0;
  const piece = row.find(({ text }) => (end += text.length) >= column);
  return (piece ?? row.at(-1))?.line ?? 0;
}

const quoted = (words: string): string => `"${words.replaceAll('"', '')}"`;

const withWords = (bar: LooseBar, words: readonly string[]): LooseBar =>
  words.length ? { ...bar, slots: [...words, bar.slots].join(' ') } : bar;

const firstWith = (bars: readonly LooseBar[], words: readonly Piece[]): LooseBar[] =>
  bars.map((bar, at) =>
    at === 0
      ? withWords(
          bar,
          words.map(({ text }) => text),
        )
      : bar,
  );

const lastWith = (bars: readonly LooseBar[], words: readonly string[]): LooseBar[] =>
  bars.map((bar, at) => (at === bars.length - 1 ? withWords(bar, words) : bar));

/** Bars as rows of chart text; many of them four to a row. */
function rowsOf(bars: readonly SourcedBar[]): Piece[][] {
  const perRow = bars.length > 2 * BARS_A_LINE ? BARS_A_LINE : Math.max(1, bars.length);
  return Array.from({ length: Math.ceil(bars.length / perRow) }, (_, row) => {
    const own = bars.slice(row * perRow, (row + 1) * perRow);
    return own.map(({ bar, line }, at) => {
      const opening = at > 0 ? '' : bar.opens ? '|:' : '|';
      const ending = bar.ending === undefined ? '' : `(${bar.ending}`;
      const closing = `${bar.closes ? ':' : ''}|${own[at + 1]?.bar.opens ? ':' : ''}`;
      return { text: `${opening}${ending} ${bar.slots} ${closing}`, line };
    });
  });
}

/** A line played twice is repeated; more often it is written out. */
function repeated(
  bars: readonly LooseBar[],
  { times, ending, opens = false, closes = false }: ChangesLine['marked'],
): LooseBar[] {
  const ended = bars.map((bar, at) => ({
    ...bar,
    ...(at === 0 && ending !== undefined && { ending }),
    opens: bar.opens || (opens && at === 0),
    closes: bar.closes || (closes && at === bars.length - 1),
  }));
  const isRepeated = ended.some(({ opens, closes }) => opens || closes);
  if (times < 2 || (isRepeated && times === 2)) return ended;
  const last = ended.length - 1;
  if (times === 2) {
    return ended.map((bar, at) => ({ ...bar, opens: at === 0, closes: at === last }));
  }
  const once = ended.map((bar) => ({ ...bar, opens: false, closes: false }));
  return Array.from({ length: times }, () => once).flat();
}
