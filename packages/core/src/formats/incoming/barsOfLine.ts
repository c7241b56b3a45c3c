/**
 * The bars of one line of changes, in whichever way people part them: bar lines, tabs, arrows, dashes, commas; beats as
 * strokes; or nothing at all, where the line is a bar or every chord is one.
 */
import { shortSlots } from '../charts/slotsFor';
import { directionOf } from '../../chart/words';
import { parseChord } from '../../chord/parseChord';

/** One bar as chart text has it between its lines. */
export interface LooseBar {
  readonly slots: string;
  readonly opens: boolean;
  readonly closes: boolean;
  readonly ending?: number;
}

export const isChord = (word: string): boolean => parseChord(word).ok;

/** How a line parts its bars; `loose` where nothing does. */
export type Parting =
  'bar lines' | 'tabs' | 'arrows' | 'dashes' | 'commas' | 'strokes' | 'beats' | 'loose';

const STROKES = /^(?:\/+|-+|\.)$/;
/** Commas and spaces inside brackets belong to a symbol. */
const OUTSIDE_BRACKETS = '(?![^()]*\\))';
const COMMA = new RegExp(`\\s*[,;]\\s*${OUTSIDE_BRACKETS}`);

export function partingOf(line: string): Parting {
  if (line.includes('|')) return 'bar lines';
  if (line.includes('\t')) return 'tabs';
  if (line.includes('→')) return 'arrows';
  const words = wordsOf(line);
  if (areParted(words)) return 'strokes';
  if (words.some((word) => /^\/+$/.test(word) || /^[A-G][^/]*\/+$/.test(word))) return 'beats';
  const dashes = words.flatMap((word, at) => (/^-+$/.test(word) ? [at] : []));
  if (dashes.length) {
    const eachOnce = dashes.every((at) => isChord(words[at + 1] ?? '') && words[at] === '-');
    const everyOther = dashes.length === Math.ceil(words.length / 2) - 1;
    return eachOnce && everyOther ? 'dashes' : 'beats';
  }
  return COMMA.test(line.trim().replace(/[,;]\s*$/, '')) ? 'commas' : 'loose';
}

const isStroke = (word: string): boolean => /^\/+$/.test(word);

/**
 * Strokes part bars where each stands between as many chords as share a bar, and some bar has more than one or there
 * are three bars and more: as beats the last bar of `C / Am / F / G` would be short of one.
 */
function areParted(words: readonly string[]): boolean {
  if (!words.some(isStroke)) return false;
  const groups = words.reduce<number[]>(
    (sizes, word) =>
      isStroke(word) ? [...sizes, 0] : [...sizes.slice(0, -1), (sizes.at(-1) ?? 0) + 1],
    [0],
  );
  return (
    groups.every((size) => IN_A_BAR.includes(size)) &&
    (groups.length > 2 || groups.some((size) => size > 1))
  );
}

/** Chords that share a bar evenly. */
const IN_A_BAR: readonly number[] = [1, 2, 4];

/** Words of a line; a bracket with what it holds stays with its symbol. */
export function wordsOf(line: string): string[] {
  return line
    .trim()
    .split(/\s+(?![^()]*\))(?![^[\]]*\])/)
    .filter((word) => word);
}

/** Chords that are joined by dashes, apart: `Dm7-G7` as `Dm7 - G7`; a minus before a number or behind a root stays. */
export const spaced = (line: string): string =>
  line.replace(/[^\s|]+/g, (word) => {
    if (isChord(word)) return word;
    const chords = word.split(/-(?=[A-G])/);
    return chords.length > 1 && chords.every(isChord) ? chords.join(' - ') : word;
  });

const LINES = /(\|{0,2}:(?=[^|]|$)|:\|{1,2}:?|\[\||\|{1,2}\]?:?)/;
const METER = /^\s*\d{1,2}\/\d{1,2}\s*$/;
const ENDING = /^\s*[[(]?(\d)[.)\]]?(?=\s)/;

/**
 * The bars of a line.
 * @param beats of a bar
 * @param loose what a line is that nothing parts
 */
export function barsOfLine(line: string, beats: number, loose: LooseLine): LooseBar[] {
  switch (partingOf(line)) {
    case 'bar lines':
      return barred(line, beats);
    case 'tabs':
      return line
        .replace(/\t+\s*$/, '')
        .split('\t')
        .map((cell) => plainBar(cell, beats));
    case 'arrows':
      return apart(line, /\s*→\s*/, beats);
    case 'dashes':
      return apart(line, /\s+-\s+/, beats);
    case 'commas':
      return apart(line.replace(/[,;]\s*$/, ''), COMMA, beats);
    case 'strokes':
      return apart(line, /\s+\/+\s+/, beats);
    case 'beats':
      return byBeats(line, beats);
    case 'loose':
      return apart(line, LOOSE[loose], beats);
  }
}

/** What a line is that nothing parts: a bar, a bar for every chord, or bars in columns that wide spaces part. */
export type LooseLine = 'bar' | 'chords' | 'columns';
const LOOSE: Readonly<Record<LooseLine, RegExp>> = {
  bar: /\n/,
  chords: /\s+(?![^()]*\))/,
  columns: /\s{3,}/,
};

/** The chords of each column of a line. */
export const columnsOf = (line: string): string[][] =>
  line.trim().split(LOOSE.columns).map(wordsOf);

const plain = { opens: false, closes: false };

const plainBar = (text: string, beats: number): LooseBar => ({
  ...plain,
  slots: slotsOf(text, beats),
});

const apart = (line: string, separator: RegExp, beats: number): LooseBar[] =>
  line.split(separator).flatMap((each) => (each.trim() ? [plainBar(each, beats)] : []));

function barred(line: string, beats: number): LooseBar[] {
  const pieces = line.split(LINES);
  const bars: LooseBar[] = [];
  // Without repeats what looks like endings counts the bars.
  const isCounted = !line.includes(':');
  let opens = false;
  /** A meter before the first line. */
  let over = '';
  pieces.forEach((piece, at) => {
    const isLine = at % 2 === 1;
    if (isLine) {
      const last = bars.at(-1);
      if (piece.startsWith(':|') && last) bars[bars.length - 1] = { ...last, closes: true };
      opens = piece.endsWith(':');
      return;
    }
    const outside = at === 0 || at === pieces.length - 1;
    if (outside && !piece.trim()) return;
    if (at === 0 && METER.test(piece)) {
      over = `${piece.trim()} `;
      return;
    }
    const ending = ENDING.exec(piece);
    const slots = over + slotsOf(ending ? piece.slice(ending[0].length) : piece, beats);
    over = '';
    bars.push({
      ...{ slots, opens, closes: false },
      ...(ending && { ending: Number(ending[1]) }),
    });
    opens = false;
  });
  const endings = bars.filter(({ ending }) => ending !== undefined).length;
  return isCounted && endings > 1 ? bars.map(({ ending: _, ...bar }) => bar) : bars;
}

/** Strokes are beats: so many of them, with their chords, are a bar. */
function byBeats(line: string, beats: number): LooseBar[] {
  const slots = wordsOf(line).flatMap(strokesApart);
  return Array.from({ length: Math.ceil(slots.length / beats) }, (_, bar) =>
    plainBar(slots.slice(bar * beats, (bar + 1) * beats).join(' '), beats),
  );
}

/** `Dm7///` is a chord and three beats, `Dm7//G7//` two of each, `Dm7/G7` two chords; `C-` is C minor. */
function strokesApart(word: string): string[] {
  if (isChord(word)) return [word];
  if (/^\.{2,}$/.test(word)) return Array.from(word);
  const inBrackets = wordsOf(/^\((.*)\)$/.exec(word)?.[1] ?? '');
  if (inBrackets.length > 1 && inBrackets.every(isChord)) return inBrackets;
  const match = /^(.*?)(\/+|-+)$/.exec(word);
  if (match && (!match[1] || isChord(match[1]))) {
    return [...(match[1] ? [match[1]] : []), ...Array.from(match[2]!, () => '.')];
  }
  const pieces = word.split(/(\/+)/);
  const chords = pieces.filter((piece, at) => at % 2 === 0 && piece);
  if (chords.length < 2 || !chords.every(isChord)) return [word];
  // A stroke between two chords only parts them, unless strokes are counted elsewhere in the word.
  const isCounted = word.includes('//') || word.endsWith('/');
  return pieces.flatMap((piece, at) => {
    if (at % 2 === 0) return piece ? [piece] : [];
    return isCounted ? Array.from(piece, () => '.') : [];
  });
}

/** What stands in a bar as chart text: strokes hold, what is laid out beat by beat is said shortly. */
export function slotsOf(cell: string, beats: number): string {
  const text = cell.trim();
  if (!text) return '.';
  if (/^(?:%[\s%]*|"|''|〃|sim(?:ile)?\.?|ditto)$/i.test(text)) return '%';
  const directed = text.replace(DIRECTIONS, (said) => (directionOf(said) ? `"${said}"` : said));
  const quoted = directed.match(/"[^"]*"/g) ?? [];
  const words = wordsOf(directed.replace(/"[^"]*"/g, ' ').replace(COMMAS, ' '));
  const meter = words[0] && /^\d{1,2}\/\d{1,2}$/.test(words[0]) ? [words.shift()!] : [];
  const slots = words.flatMap((word) =>
    word === '%'
      ? [word]
      : strokesApart(word).map((each) => (STROKES.test(each) ? '.' : plainWord(each))),
  );
  const said = slots.filter(isQuoted);
  const own = slots.filter((slot) => !isQuoted(slot));
  const shortly = shortSlots(strokedOver(own, beats), beats);
  return [...quoted, ...said, ...meter, ...shortly].join(' ') || '.';
}

const isQuoted = (slot: string): boolean => slot.startsWith('"');

/** The way through a chart, as its words say it. */
const DIRECTIONS =
  /(?<=^|\s)(?:to coda|d\.?\s?[cs]\.?(?:\s+al\s+(?:fine|coda))?|fine|segno)(?=\s|$)/gi;
const COMMAS = new RegExp(`[,;]${OUTSIDE_BRACKETS}`, 'g');

/** A chord in brackets, at the end of a sentence or with a star is that chord; words are put over the bar. */
function plainWord(word: string): string {
  if (isChord(word)) return word;
  const bare = word.replace(/^[(*_]+(?=[A-G])|[.!?*_]+$/g, '');
  const opened = bare.split('(').length - bare.split(')').length;
  const closed = opened < 0 ? bare.slice(0, opened) : bare;
  if (isChord(closed)) return closed;
  const remark = /^[([](\p{Ll}[^()[\]]+)[)\]]$/u.exec(word)?.[1];
  if (remark !== undefined) return `"${remark}"`;
  return /^\p{Ll}{3,}[.!?]?$/u.test(word) && !/^[a-h][b#m]?\d/.test(word) ? `"${word}"` : word;
}

/**
 * Where there are as many strokes as beats, the first of each chord is the one it stands over. A chord alone has its
 * bar, however few strokes are behind it.
 */
function strokedOver(slots: readonly string[], beats: number): readonly string[] {
  const [alone, ...behind] = slots;
  const isAlone = alone !== '.' && behind.length > 0 && behind.every((slot) => slot === '.');
  if (alone !== undefined && isAlone && slots.length < beats) return [alone];
  const strokes = slots.filter((slot) => slot === '.').length;
  if (strokes !== beats || slots.length === strokes) return slots;
  return slots.filter((slot, at) => slot !== '.' || (slots[at - 1] ?? '.') === '.');
}
