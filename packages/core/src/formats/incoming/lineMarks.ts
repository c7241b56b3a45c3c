/** Marks round the changes of a line: which part it begins, bar numbers, how often it is played, the way on. */
import { parseChord } from '../../chord/parseChord';
import { directionOf } from '../../chart/words';

const PART_WORDS =
  'intro(?:duction)?|verse|chorus|refrain|bridge|head|solos?|interlude|vamp|turnaround|tag|coda|outro|ending|middle(?: (?:eight|8))?|release|pre-?chorus|pick-?up|theme|part|section|shout';
const PART_NAME = new RegExp(
  `^(?:(?:${PART_WORDS})(?:\\s*(?:[A-H]\\d?'?|\\d{1,2}))?|[A-H][1-5]?'{0,2}(?:\\s+(?:section|part))?)$`,
  'i',
);
const WRAPPED = /^[[(<*_=\s]*(.*?)[\])>*_=\s:.]*$/;

/** In characters. */
const LONGEST_NAME = 60;

/** How many bars a part has: "Intro (4 bars)", "A section: 8 bars". */
const HOW_LONG = /\s*[:(,-]?\s*\d{1,2}\s*(?:bars?|measures?)\)?(?=\s*:?\s*$)/i;

/** The name of a part, where a line, or what stands before its changes, is one. */
export function partName(said: string): string | undefined {
  if (said.length > LONGEST_NAME) return undefined;
  const text = said.replace(HOW_LONG, '');
  const bracketed = /^\[([^\]]*)\]$/.exec(text.trim())?.[1]?.trim();
  if (bracketed !== undefined && (/^[A-H]$/.test(bracketed) || !parseChord(bracketed).ok)) {
    return bracketed;
  }
  const name = WRAPPED.exec(text)?.[1]?.trim() ?? '';
  return PART_NAME.test(name) ? name.replace(/\s+(?:section|part)$/i, '') : undefined;
}

/** A single letter could be a chord; with a colon, in brackets or with a word beside it it is a part. */
export function isSurelyPart(text: string): boolean {
  const plain = text.trim();
  return partName(plain) !== undefined && (plain.startsWith('[') || !parseChord(plain).ok);
}

/** How often a part is played, behind its name: "Part A x2". */
export function playedTimes(text: string): { readonly named: string; readonly times: number } {
  const match = TIMES.exec(text);
  const times = Number(match?.[1] ?? match?.[2] ?? 1);
  return { named: match ? text.slice(0, match.index) : text, times };
}

export interface MarkedLine {
  readonly part?: string;
  /** What it is called, which is no part. */
  readonly over?: string;
  readonly changes: string;
  /** How often it is played, from 1. */
  readonly times: number;
  /** Which ending it is. */
  readonly ending?: number;
  /** Whether a repeat begins with its first bar, or ends with its last, though it has no sign for it. */
  readonly opens?: boolean;
  readonly closes?: boolean;
  /** Directions and remarks that stand behind the changes. */
  readonly words: readonly string[];
}

const BEFORE =
  /^\s*(\[[^\]]*\]|\([^()]*\)|\*\*[^*]+\*\*|[A-H]\d?'?\)|[^|:()[\]]{1,24}(?:\(\d{1,2} ?bars?\)\s*)?:(?!\|))\s*(?=\S)/;
const TIMES = /[\s(]+(?:[x×]\s*(\d)|(\d)\s*(?:[x×]|times))\)?\s*$/i;
const ONLY_TIMES = /^\(?(?:[x×]\s*\d|\d\s*(?:[x×]|times))\)?$/i;
const ENDING =
  /^\s*(?:(\d)\s?(?:st|nd|rd|th)(?:\s+(?:time|ending)\s*[:.]?|\s*[:.])|(\d)\.\s+(?=.*:\|))\s*/i;
const NUMBER = /^\s*(?:bars?\s+)?\d{1,3}\s*(?:[.):]|-\s*\d{1,3}\s*[.):]?)?\s+(?=\S)/i;
const BEHIND = /[\s(]*\b(d\.?\s?[cs]\.?(?:\s+al\s+(?:fine|coda))?|to coda|fine|segno)\.?\)?\s*$/i;
const REMARK = /\s*\(([^()]*[a-z]{2}[^()]*\s[^()]*|[a-z]{4,}[^()]*)\)\s*$/;

/** A part named before the first bar line, or with a dash behind it: `Coda | Fmaj7 |`. */
const PART_BEFORE_LINE = new RegExp(
  `^\\s*((?:${PART_WORDS})(?:\\s+\\d{1,2})?)(?:\\s+-\\s+|\\s*(?=\\|))`,
  'i',
);
/** What stands behind the last bar line, or behind a sign for remarks. */
const TAIL = /(?:\|\]?|\s(?:#|\/\/)(?=\s))([^|]*)$/;

/** Words behind the changes of a line; none where they are how often it is played, the way on, or chords. */
function tailOf(changes: string): string {
  const match = TAIL.exec(changes);
  const words = match?.[1]?.replace(/^\s*(?:#|\/\/)\s+/, '').trim() ?? '';
  const isRemark = /\p{L}{3}/u.test(words) && !/^[("]/.test(words) && !ONLY_TIMES.test(words);
  const hasChord = words.split(/\s+/).some((word) => parseChord(word).ok);
  return isRemark && !hasChord && !directionOf(words) ? words : '';
}

/** What stands with a colon before chords and is no part: "Turnaround in G: G6 E7 Am7 D7". */
function labelOf(line: string): string | undefined {
  const before = BEFORE.exec(line);
  const label = /^(.*\p{L}.*):$/u.exec(before?.[1] ?? '')?.[1]?.trim();
  if (!before || label === undefined) return undefined;
  const [first = ''] = line.slice(before[0].length).split(/[\s|]+/);
  const isChord = (words: string): boolean => parseChord(words.split(/\s+/)[0] ?? '').ok;
  return isChord(first) && !isChord(label) ? label : undefined;
}

/** Takes the marks off a line. */
export function marksOf(line: string): MarkedLine {
  let changes = line.trim();
  const taken = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(changes);
    if (match)
      changes = changes.slice(0, match.index) + changes.slice(match.index + match[0].length);
    return match;
  };
  const before = BEFORE.exec(changes);
  const part = (before && partName(before[1]!)) ?? PART_BEFORE_LINE.exec(changes)?.[1];
  if (part !== undefined) changes = changes.replace(before ? BEFORE : PART_BEFORE_LINE, '');
  const tail = tailOf(changes);
  if (tail) changes = changes.slice(0, changes.lastIndexOf(tail)).replace(/\s(?:#|\/\/)\s*$/, '');
  const ended = taken(ENDING);
  const ending = Number(ended?.[1] ?? ended?.[2]) || undefined;
  const number = taken(NUMBER);
  const over = part === undefined && !ended && !number ? labelOf(changes) : undefined;
  if (over !== undefined) taken(BEFORE);
  const words: string[] = tail ? [tail] : [];
  const way = taken(BEHIND);
  if (way && directionOf(way[1]!)) words.push(way[1]!);
  const times = taken(TIMES);
  const remark = taken(REMARK);
  if (remark) words.unshift(remark[1]!.trim());
  return {
    ...(part !== undefined && { part }),
    ...(over !== undefined && { over }),
    changes: changes.trim(),
    times: Number(times?.[1] ?? times?.[2] ?? 1) || 1,
    ...(ending !== undefined && { ending }),
    words,
  };
}
