/**
 * Text as people write changes, read as tunes. Problem: bars are parted in many ways, titles and keys stand above, remarks
 * and lyrics between, several tunes follow each other. Phases: every line is told apart (`readLines`); lines are dealt to
 * tunes; the lines of each become chart text, which is read as every chart is, so that what is wrong is said at the line it
 * came from. Text that is a chart already is taken as it stands. Cost: linear in the text.
 */
import { LONGEST_TITLE } from '../../chart/header';
import { parseChart } from '../../chart/parseChart';
import { formatMeter, parseMeter } from '../../chart/meter';
import { storablePart } from '../../base/storable';
import { chartTextOf, type WrittenChart } from './chartTextOf';
import { keyHeard } from '../charts/keyHeard';
import { formIn } from '../charts/form';
import { headInWords, tempoOf, type SaidHead } from '../charts/headWords';
import { isGreeting, isSignOff } from './letter';
import { readLines, isTitle, type ReadLine } from './readLines';
import {
  DEFAULT_HABITS,
  LONGEST_PASTE,
  MOST_TUNES_AT_ONCE,
  type Incoming,
  type IncomingProblem,
  type IncomingTune,
  type PasteHabits,
  type UnderstoodLine,
} from './types';

const USUAL_TEMPO = 120;

/**
 * Reads pasted text. Nothing is lost in silence: of every line it is said what became of it.
 * @example readPasted('Dm7 / G7 / | Cmaj7').tunes[0].fields.text // '| Dm7 G7 | Cmaj7 |'
 */
export function readPasted(text: string, habits: PasteHabits = DEFAULT_HABITS): Incoming {
  const whole = storablePart(text.slice(0, LONGEST_PASTE));
  const dealt = dealOut(readLines(whole));
  const kept = dealt.slice(0, MOST_TUNES_AT_ONCE);
  const read = kept.map((lines, at) => tuneOf(lines, at, habits, whole));
  const beyond = dealt.slice(MOST_TUNES_AT_ONCE).flat().filter(isSaid);
  const left = beyond.map((each): UnderstoodLine => ({
    ...{ line: each.line, text: each.text, kind: 'left out', tune: MOST_TUNES_AT_ONCE - 1 },
    as: `More than ${MOST_TUNES_AT_ONCE} tunes: bring this one in by itself`,
  }));
  return {
    tunes: read.map(({ tune }) => tune),
    lines: [...read.flatMap(({ lines }) => lines), ...left],
  };
}

const isSaid = ({ kind }: ReadLine): boolean => kind !== 'blank' && kind !== 'rule';

/** A tune that is short of this many bars may not be over yet. */
const FEWEST_LINES = 2;

/** The lines of each tune. A new one begins with a title after changes: named so, ruled off, or looking like one. */
function dealOut(lines: readonly ReadLine[]): ReadLine[][] {
  const tunes: ReadLine[][] = [[]];
  let changes = 0;
  lines.forEach((each, at) => {
    if (changes && beginsTune(lines, at, changes)) {
      tunes.push([]);
      changes = 0;
    }
    if (each.kind === 'changes') changes += 1;
    tunes.at(-1)!.push(each);
  });
  const filled = tunes.filter((own) => own.some(({ kind }) => kind === 'changes'));
  const rest = tunes.filter((own) => !filled.includes(own)).flat();
  if (!filled.length) return lines.some(isSaid) ? [[...lines]] : [];
  // Words after the last changes belong to the last tune.
  filled.at(-1)!.push(...rest);
  return filled;
}

function beginsTune(lines: readonly ReadLine[], at: number, changes: number): boolean {
  const each = lines[at]!;
  if (each.kind === 'head' && each.head.title !== undefined) return true;
  const before = lines[at - 1];
  const next = lines.slice(at + 1).find(isSaid);
  if (before?.kind === 'rule') return next !== undefined || isSaid(each);
  if (each.kind !== 'words' || !next) return false;
  if (/^\d{1,3}[.)]\s/.test(each.words) && isTitle(numberless(each.words))) return true;
  const underlined = lines[at + 1]?.kind === 'rule';
  const stands = before?.kind === 'blank' && isTitle(each.words) && changes >= FEWEST_LINES;
  return underlined || (stands && ['changes', 'head', 'part'].includes(next.kind));
}

const numberless = (words: string): string => words.replace(/^\d{1,3}[.)]\s+/, '');

interface ReadTune {
  readonly tune: IncomingTune;
  readonly lines: readonly UnderstoodLine[];
}

function tuneOf(
  lines: readonly ReadLine[],
  tune: number,
  habits: PasteHabits,
  whole: string,
): ReadTune {
  const { head, over, titleLine, before, letter } = headOf(lines);
  const asIs = chartAsItIs(lines, whole);
  const written = asIs ?? chartTextOf(over, head, habits);
  const understood = lines.filter(isSaid).map((each): UnderstoodLine => {
    const own = { line: each.line, text: each.text, tune };
    if (each.line === titleLine) {
      const kind = tune ? 'new tune' : 'title';
      return { ...own, kind, as: headInWords({ title: titleOf(each), ...headIn(each) }) };
    }
    if (before.includes(each)) {
      return { ...own, kind: 'left out', as: 'Stands before the title of the tune' };
    }
    if (letter.includes(each)) {
      return { ...own, kind: 'left out', as: 'Belongs to the letter, not to the tune' };
    }
    if (each.kind === 'head') return { ...own, kind: 'head', as: headInWords(each.head) };
    if (each.kind === 'part') return { ...own, kind: 'section', as: each.name };
    const became = written.became.get(each.line);
    return { ...own, ...(became ?? { kind: 'left out', as: 'Not read' }) };
  });
  const parsed = parseChart(written.text, parseMeter(head.meter ?? written.meter ?? '4/4'));
  const { header } = parsed.chart;
  const says = { ...head, ...plainHead(header) };
  const problems = once(
    parsed.problems.map(({ line, column, message, suggestion }): IncomingProblem => ({
      line: written.lineOf(line, column),
      message: suggestion === undefined ? message : `${message} Perhaps ${suggestion}.`,
    })),
  );
  return {
    lines: understood,
    tune: {
      fields: {
        title: (says.title ?? 'New tune').slice(0, LONGEST_TITLE),
        text: written.text,
        key: says.key ?? keyHeard(parsed.chart),
        meter: says.meter ?? written.meter ?? '4/4',
        tempo: tempoOf(says) ?? USUAL_TEMPO,
        feel: says.feel ?? 'swing',
      },
      ...{ solos: [], problems },
      bars: parsed.chart.sections.reduce((sum, { bars }) => sum + bars.length, 0),
    },
  };
}

/** A part that is played again has no new problems. */
const once = (problems: readonly IncomingProblem[]): IncomingProblem[] =>
  problems.filter(
    ({ line, message }, at) =>
      problems.findIndex((each) => each.line === line && each.message === message) === at,
  );

const headIn = (line: ReadLine): SaidHead => (line.kind === 'head' ? line.head : {});
const titleOf = (line: ReadLine): string =>
  (line.kind === 'words' ? numberless(line.words) : (headIn(line).title ?? '')).replace(
    /^"(.+)"$/,
    '$1',
  );

const plainHead = ({
  title,
  key,
  meter,
  tempo,
  feel,
}: ReturnType<typeof parseChart>['chart']['header']): SaidHead => ({
  ...(title !== undefined && { title }),
  ...(key !== undefined && { key }),
  ...(meter && { meter: formatMeter(meter) }),
  ...(tempo !== undefined && { tempo }),
  ...(feel && { feel }),
});

/** What stands over the changes. */
interface TuneHead {
  readonly head: SaidHead;
  /** The lines without it. */
  readonly over: readonly ReadLine[];
  readonly titleLine: number | undefined;
  /** What was written to whoever reads the letter. */
  readonly before: readonly ReadLine[];
  /** Greetings and how a letter ends. */
  readonly letter: readonly ReadLine[];
}

/** The first words over the changes that look like a title are it, or else the first short ones. */
function headOf(lines: readonly ReadLine[]): TuneHead {
  const first = lines.findIndex(({ kind }) => kind === 'changes');
  const above = lines.slice(0, Math.max(0, first));
  const said = lines.flatMap((each) => (each.kind === 'head' ? [each.head] : []));
  const head = Object.assign({}, ...[...said].reverse()) as SaidHead;
  const letter = letterOf(lines);
  const words = above.flatMap((each) =>
    each.kind === 'words' && !letter.includes(each) && formIn(each.words) === undefined
      ? [each]
      : [],
  );
  const named = above.find((each) => headIn(each).title !== undefined);
  const names = words.filter((each) => !isForHands(each.words));
  const likely =
    names.find((each) => isTitle(numberless(each.words))) ??
    names.find((each) => /^.{1,40}[^.,:;!?]$/.test(each.words));
  const titleLine = named ?? (head.title === undefined ? likely : undefined);
  const title = titleLine ? { title: titleOf(titleLine) } : {};
  const before = titleLine ? words.filter(({ line }) => line < titleLine.line) : [];
  const isHead = (each: ReadLine): boolean =>
    each === titleLine ||
    each.kind === 'head' ||
    [...before, ...letter].some(({ line }) => line === each.line);
  return {
    head: { ...head, ...title },
    over: lines.filter((each) => !isHead(each)),
    titleLine: titleLine?.line,
    ...{ before, letter },
  };
}

/** What is said to the player's hands, and is no title. */
const isForHands = (words: string): boolean => /^(?:capo|tuning)\b/i.test(words);

/** Greetings over the changes, and behind the last of them how the letter ends. */
function letterOf(lines: readonly ReadLine[]): ReadLine[] {
  const first = lines.findIndex(({ kind }) => kind === 'changes');
  const last = lines.map(({ kind }) => kind).lastIndexOf('changes');
  const behind = lines.slice(last + 1);
  const end = behind.findIndex((each) => each.kind === 'words' && isSignOff(each.words));
  return [
    ...lines
      .slice(0, Math.max(0, first))
      .filter((each) => each.kind === 'words' && isGreeting(each.words)),
    ...(end < 0 ? [] : behind.slice(end).filter(({ kind }) => kind === 'words')),
  ];
}

const OWN_LINE = /^(?:(?:title|key|meter|tempo|feel|pickup)\s*:|(?:\[[^\]]*\]\s*)?(?:\||$)|".*"$)/i;

/** Text that is a chart already, letter for letter; `undefined` where a line has to be understood first. */
function chartAsItIs(lines: readonly ReadLine[], whole: string): WrittenChart | undefined {
  const isOurs = lines.every(({ kind, text }) => kind === 'blank' || OWN_LINE.test(text));
  const said = lines.filter(isSaid);
  const [first, last] = [said[0]?.line, said.at(-1)?.line];
  if (!isOurs || first === undefined || last === undefined) return undefined;
  const text = whole
    .split(/\r\n|\r|\n/)
    .slice(first - 1, last)
    .join('\n');
  if (parseChart(text).problems.length) return undefined;
  const became = new Map(
    said.map((each) => [each.line, { kind: 'changes' as const, as: each.text }]),
  );
  return { text, became, lineOf: (line: number) => line + first - 1 };
}
