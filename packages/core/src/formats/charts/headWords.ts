/**
 * What is said over a chart in people's own words: "Key of F", "Medium swing, 132", "3/4". Source of the tempos that words
 * stand for: common practice, from memory.
 */
import { FASTEST, parseKey, SLOWEST } from '../../chart/header';
import { formatMeter, MOST_BEATS, parseMeter } from '../../chart/meter';
import type { Feel } from '../../chart/types';
import { formIn } from './form';

/** What a head says; parts it does not say are missing. */
export interface SaidHead {
  readonly title?: string;
  /** `Eb` or `Cm`. */
  readonly key?: string;
  readonly meter?: string;
  /** In quarter notes a minute, where a number is said. */
  readonly tempo?: number;
  /** What words of it stand for: "medium". */
  readonly aboutTempo?: number;
  readonly feel?: Feel;
  /** Beats of a pickup. */
  readonly pickup?: number;
  /** Its parts in letters, in the order they are played: "AABA". */
  readonly form?: string;
}

/** Columns: how a feel is called, what it is. The first that fits counts. */
const FEEL_WORDS: readonly (readonly [RegExp, SaidHead])[] = [
  [/\b(?:jazz )?waltz\b/, { feel: 'waltz', meter: '3/4' }],
  [/\b(?:bossa(?: ?nova)?|latin|samba|cha(?:-| )?cha|mambo|bolero|afro)\b/, { feel: 'latin' }],
  [/\bshuffle\b/, { feel: 'shuffle' }],
  [/\bballad\b/, { feel: 'ballad' }],
  [/\b(?:swing|swung|jazz|bounce|walking)\b/, { feel: 'swing' }],
  [/\b(?:straight|even|rock|funk|pop)\b/, { feel: 'straight' }],
];
const TEMPO_WORDS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:med(?:ium|\.)?[ -]?slow)\b/, 92],
  [/\b(?:med(?:ium|\.)?[ -]?(?:up|fast))\b/, 168],
  [/\b(?:up(?:[ -]?tempo)?|fast)\b/, 220],
  [/\b(?:medium|med\.?|moderate|mid-?tempo)\b/, 132],
  [/\b(?:slow|slowly|easy)\b/, 72],
];
/** Words that say nothing by themselves. */
const FILLERS =
  /\b(?:key|of|in|tempo|time|signature|meter|bpm|mm|m\.m\.|q|qtr|quarter(?: notes?)?|feel|style|the|at|approx|ca|about|8ths?|eighths?|8|nova|major|minor|very|bright|a minute)\b|[():=~♩.]/g;

/** Heads of tune books, as in the ABC standard, section 3. */
const LETTERS: readonly (readonly [RegExp, string])[] = [
  [/^T\s*:/, 'title:'],
  [/^M\s*:/, 'meter:'],
  [/^K\s*:/, 'key:'],
];
/** Behind this any words may stand beside those that are known. */
const FEEL_SAID = /^(?:feel|style|groove)\s*:/;

/**
 * Reads one piece of a head; `undefined` where it says nothing of the kind.
 * @example saidIn('Key of B♭ minor') // { key: 'Bbm' }
 */
export function saidIn(piece: string): SaidHead | undefined {
  const text = LETTERS.reduce((said, [letter, word]) => said.replace(letter, word), piece.trim())
    .replace(/^(key|tempo|meter|time|feel|style|title)\s+[-–]\s+/i, '$1: ')
    .replace(/(?<=^|:\s*)(\d{1,2})-(4|8)$/, '$1/$2');
  const titled = /^(?:title|song|tune|name)\s*:\s*(\S(?:(?!\s{2,}\w+\s*:).)*)$/i.exec(text);
  if (titled) return { title: titled[1]!.trim() };
  const pickup = Number(/^pick-?up\s*:?\s*(\d{1,2})(?:\s*beats?)?$/i.exec(text)?.[1]);
  if (pickup >= 1 && pickup <= MOST_BEATS) return { pickup };
  const key = keyIn(text);
  if (key) return { key };
  const inBrackets = /^\((.+)\)$/.exec(text);
  if (inBrackets) return saidIn(inBrackets[1]!);
  const inKey = /^(.*\S)\s+in\s+(?:the key of\s+)?(\S+(?:\s+\S+)?)$/i.exec(text);
  const own = inKey && parseKey(inKey[2]!);
  const said = own ? saidIn(inKey[1]!) : undefined;
  if (own && said) return { ...said, key: own };
  const lower = text.toLowerCase();
  const meter = /(?<![\d/])(\d{1,2}\/(?:2|4|8|16))(?![\d/])/.exec(lower)?.[1];
  const number = tempoIn(lower.replace(meter ?? '', ''));
  const feel = FEEL_WORDS.find(([words]) => words.test(lower));
  const word = TEMPO_WORDS.find(([words]) => words.test(lower));
  const rest = [meter ?? '', number?.said ?? '', feel?.[0] ?? '', word?.[0] ?? ''].reduce<string>(
    (left, said) => left.replace(said, ' '),
    lower,
  );
  if (!FEEL_SAID.test(lower) && rest.replace(FILLERS, ' ').trim()) return undefined;
  const read = meter === undefined ? undefined : parseMeter(meter);
  const saying = {
    ...feel?.[1],
    ...(read && { meter: formatMeter(read) }),
    ...(number && { tempo: number.tempo }),
    ...(word && { aboutTempo: word[1] }),
  };
  return Object.keys(saying).length ? saying : undefined;
}

function keyIn(text: string): string | undefined {
  const said =
    /^(?:key(?:\s+of)?|tonality|tonart|concert(?:\s+key)?|in(?:\s+the\s+key\s+of)?)\s*[:=]?\s+(.+)$/i.exec(
      text,
    ) ??
    /^key\s*[:=]\s*(.+)$/i.exec(text) ??
    /^\(\s*([A-G][b#♭♯]?\s*(?:m|min|minor|maj|major)?)\s*\)$/.exec(text) ??
    /^([A-G][b#♭♯]?[ -](?:major|minor|maj|min))$/i.exec(text);
  return said ? parseKey(said[1]!.replace('-', ' ').replace(/[.:]$/, '')) : undefined;
}

/** A number is a tempo where it says so, or where the piece is nothing but it and words of a feel. */
function tempoIn(text: string): { readonly tempo: number; readonly said: string } | undefined {
  const match = /(\d{2,3})(?:\s*(?:bpm|a minute|beats a minute|\/\s*min))?/.exec(text);
  const tempo = Number(match?.[1]);
  return match && tempo >= SLOWEST && tempo <= FASTEST ? { tempo, said: match[0] } : undefined;
}

/** The tempo of a head: its number, or what its words stand for. */
export const tempoOf = ({ tempo, aboutTempo }: SaidHead): number | undefined => tempo ?? aboutTempo;

/** A head in words: "Key F, 132 a minute, swing". */
export function headInWords(head: SaidHead): string {
  const { title, key, meter, feel, pickup, form } = head;
  const tempo = tempoOf(head);
  const said = [
    title === undefined ? '' : `“${title}”`,
    key === undefined ? '' : `key ${key}`,
    meter ?? '',
    tempo === undefined ? '' : `${tempo} a minute`,
    feel ?? '',
    form === undefined ? '' : `form ${form}`,
    pickup === undefined ? '' : `pickup of ${pickup} ${pickup === 1 ? 'beat' : 'beats'}`,
  ];
  const words = said.filter((each) => each).join(', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Commas and the like, dashes, brackets, wide spaces, and a meter part a head. */
const PIECES =
  /\s*[,;·•|\t]\s*|\s+-\s+|\s*(?=\()|(?<=\))\s+|\s{3,}|(?<!:)\s+(?=\d{1,2}\/(?:2|4|8|16)(?!\d))/;
/** So do strokes and ends of sentences, which a title may have too. */
const MORE_PIECES = new RegExp(`${PIECES.source}|\\s+\\/\\s+|\\.\\s+(?=[A-Z])`);

/** Behind a title a letter is a key; alone it would be a chord or a part. */
function bareKey(piece: string): SaidHead | undefined {
  const key = parseKey(piece);
  return key === undefined ? undefined : { key };
}

/**
 * A line over the changes, as one or several pieces that say something. What says nothing and stands first is a title.
 * @example headOfLine('Key: F, 4/4, medium swing 132')
 */
export function headOfLine(line: string): SaidHead | undefined {
  return saidIn(line) ?? headOfPieces(line.split(PIECES)) ?? headOfPieces(line.split(MORE_PIECES));
}

function formSaid(piece: string): SaidHead | undefined {
  const form = formIn(piece);
  return form === undefined ? undefined : { form };
}

function headOfPieces(parted: readonly string[]): SaidHead | undefined {
  const pieces = parted.filter((each) => each);
  if (pieces.length < 2) return undefined;
  const said = pieces.map(
    (piece, at) => formSaid(piece) ?? saidIn(piece) ?? (at > 0 ? bareKey(piece) : undefined),
  );
  const silent = said.filter((each) => !each).length;
  if (silent > 1 || (silent === 1 && said[0])) return undefined;
  // "here is the new one, in F": no title begins so.
  const title = said[0] || /^\p{Ll}/u.test(pieces[0]!) ? {} : { title: pieces[0]! };
  return Object.assign({}, title, ...said.flatMap((each) => each ?? [])) as SaidHead;
}
