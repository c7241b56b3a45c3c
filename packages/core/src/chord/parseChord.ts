import { parseNote, type NoteName } from '../pitch/spelling';
import { fail, ok, type Result } from '../base/result';
import { PLAIN_CHARACTER } from './data';
import { EMPTY_DRAFT, type ChordDraft } from './draft';
import { withEnglishNames, withEnglishRoot } from './germanNames';
import { SYMBOL_RULES, expectedAfter } from './grammar';
import { fromOtherHands } from './otherHands';
import { nearestQuality } from './suggest';
import { degreesOf, guideTonesOf, spellTones } from './tones';
import type { Degree } from './degrees';
import type { Chord, ChordProblem, PitchedChord } from './types';

const ROOT = /^([A-Ga-g])(bb?|##?)?/;
/** Longer than any chord a person writes; keeps pasted text from being searched for suggestions. */
const LONGEST_SYMBOL = 32;

/**
 * Reads a chord symbol.
 *
 * Case matters only for m and M; unicode accidentals, superscripts and surrounding brackets are fine, and so are the names of
 * notes of German charts: H is B natural, Fis F sharp.
 * Nothing is dropped in silence: a symbol that cannot be read whole is a problem with the position of
 * the first bad character, what was expected there, and the nearest readable symbol where one is close.
 *
 * @example parseChord('Bm7/A').value.bass // 'A'
 * @example parseChord('C7b8').problem.index // 2
 */
export function parseChord(symbol: string): Result<Chord, ChordProblem> {
  const named = withEnglishNames(symbol);
  const { text, offset } = unwrap(plainCharacters(named));
  // A German name may be longer than the English one.
  const longer = symbol.length - withEnglishRoot(symbol).length;
  const shift = (problem: ChordProblem): ChordProblem => ({
    ...problem,
    index: problem.index + offset + (problem.index > 0 ? longer : 0),
  });
  if (/^n\.?c\.?$/i.test(text)) return ok({ kind: 'no chord', symbol: text, tones: [] });
  const written = named.slice(offset, offset + text.length);
  const reading = readSymbol(text);
  return reading.ok ? ok(toChord(written, reading.value)) : fail(shift(reading.problem));
}

interface Reading {
  readonly root: NoteName;
  readonly draft: ChordDraft;
  readonly bass?: NoteName;
}

/** Every replacement has the length of what it replaces, so that positions stay true. */
function plainCharacters(symbol: string): string {
  // Signs where a root would stand stay signs: the letter b would read as a root.
  const flats = symbol
    .replace(/(?<![\s(/]|^)𝄫/gu, 'bb')
    .replace(/(?<![\s(/]|^)♭|♭(?=\d)/g, 'b')
    .replaceAll('𝄪', '##');
  return Array.from(flats, (character) => PLAIN_CHARACTER[character] ?? character).join('');
}

/** Removes surrounding space and one pair of brackets round the whole symbol. */
function unwrap(symbol: string): { text: string; offset: number } {
  const start = symbol.length - symbol.trimStart().length;
  const text = symbol.trim();
  const inner = text.slice(1, -1);
  const wrapped = text.startsWith('(') && text.endsWith(')') && balanced(inner);
  return wrapped ? { text: inner.trimEnd(), offset: start + 1 } : { text, offset: start };
}

function balanced(text: string): boolean {
  let depth = 0;
  for (const character of text) {
    if (character === '(') depth += 1;
    if (character === ')' && --depth < 0) return false;
  }
  return depth === 0;
}

function readSymbol(text: string): Result<Reading, ChordProblem> {
  if (text.length > LONGEST_SYMBOL) {
    return fail({ index: 0, message: 'This is too long to be one chord symbol.' });
  }
  const rootMatch = ROOT.exec(text);
  if (!rootMatch) {
    const meant = meantBy(text);
    return fail({ ...noRoot(text), ...(meant !== undefined && { suggestion: meant }) });
  }
  const root = (rootMatch[1] ?? '').toUpperCase() + (rootMatch[2] ?? '');
  const body = readBody(text, rootMatch[0].length);
  if (!body.ok) return fail(withSuggestion(text, rootMatch[0], body.problem));
  return ok({ root, ...body.value });
}

function noRoot(text: string): ChordProblem {
  const found = text ? `"${text.charAt(0)}" is none` : 'there is nothing here';
  return { index: 0, message: `A chord starts with a letter A to G; ${found}.` };
}

/** Reads words one by one; brackets, commas and spaces only separate. */
function readBody(text: string, start: number): Result<Omit<Reading, 'root'>, ChordProblem> {
  let draft = EMPTY_DRAFT;
  let at = start;
  const open: number[] = [];
  while (at < text.length) {
    const character = text.charAt(at);
    if (character === '/' && !open.length) return readBass(text, at + 1, draft);
    if (character === '(') open.push(at);
    if (character === ')' && open.pop() === undefined) {
      return fail({ index: at, message: 'This bracket closes nothing: leave it out.' });
    }
    if ('(), '.includes(character)) {
      at += 1;
      continue;
    }
    const step = readWord(text, at, draft);
    if (!step.ok) return step;
    draft = step.value.draft;
    at = step.value.next;
  }
  const unclosed = open.pop();
  return unclosed === undefined
    ? ok({ draft })
    : fail({ index: unclosed, message: 'This bracket is never closed: add ")".' });
}

function readWord(
  text: string,
  at: number,
  draft: ChordDraft,
): Result<{ draft: ChordDraft; next: number }, ChordProblem> {
  for (const { word, read } of SYMBOL_RULES) {
    word.lastIndex = at;
    const match = word.exec(text);
    const outcome = match && read(draft, match);
    if (!match || !outcome) continue;
    if (typeof outcome !== 'string') return ok({ draft: outcome, next: at + match[0].length });
    return fail({ index: at, message: `"${match[0]}" cannot stand here: ${outcome}.` });
  }
  const message = `"${text.charAt(at)}" cannot be read here; expected ${expectedAfter(draft)}.`;
  return fail({ index: at, message });
}

function readBass(
  text: string,
  at: number,
  draft: ChordDraft,
): Result<Omit<Reading, 'root'>, ChordProblem> {
  const written = text.slice(at).trim();
  const bass = written.charAt(0).toUpperCase() + written.slice(1);
  if (parseNote(bass)) return ok({ draft, bass });
  const index = /^[A-G]/.test(bass) ? at + 1 : at;
  return fail({
    index,
    message: 'After the slash comes one bass note, a letter A to G, as in D/F#.',
  });
}

/** What other hands mean by it; else the nearest readable symbol, which keeps the root and the bass as typed and mends what is between. */
function withSuggestion(text: string, root: string, problem: ChordProblem): ChordProblem {
  const meant = meantBy(text);
  if (meant !== undefined) return { ...problem, suggestion: meant };
  const [, quality = '', bass = ''] =
    /^(.*?)(\/[A-Ga-g][b#]{0,2})?$/.exec(text.slice(root.length)) ?? [];
  const nearest = nearestQuality(quality);
  return nearest === undefined ? problem : { ...problem, suggestion: root + nearest + bass };
}

function meantBy(text: string): string | undefined {
  const meant = fromOtherHands(text);
  const root = ROOT.exec(meant ?? '');
  return meant !== undefined && root && readBody(meant, root[0].length).ok ? meant : undefined;
}

function toChord(symbol: string, { root, draft, bass }: Reading): PitchedChord {
  const degrees = degreesOf(draft);
  const guideTones = guideTonesOf(degrees);
  const written = draft.alterations.filter((degree) => degrees.includes(degree));
  const colours = writtenColours(draft).filter((degree) => degrees.includes(degree));
  const fifth = draft.alt ? [] : degrees.filter((degree) => degree === 'b5' || degree === '#5');
  const essential = [...new Set([...guideTones, ...fifth, ...written])];
  const optional = (['R', '5'] as const).filter(
    (degree) => degrees.includes(degree) && !essential.includes(degree),
  );
  const tones = spellTones(root, degrees);
  const chord = {
    kind: 'chord',
    symbol,
    root,
    tones,
    guideTones,
    essential,
    colours,
    optional,
  } as const;
  return bass === undefined ? chord : { ...chord, bass };
}

/** The top number of a symbol and whatever it adds by name; a 9 below a 13 is implied, not asked for. */
function writtenColours(draft: ChordDraft): Degree[] {
  if (draft.alt) return ['b9', '#9'];
  const top = draft.number === '6/9' ? '9' : draft.number;
  const numbered = top === '9' || top === '11' || top === '13' ? [top] : [];
  return [...new Set<Degree>([...numbered, ...draft.added])];
}
