/** Symbols as they are spoken or spaced out: "B flat 7", "D min7", "C major 7", "G7 (b9)". */
import { parseChord } from '../../chord/parseChord';

const START = '(?<=(?:^|[\\s|,;(])[A-G]';
const ROOT = `${START}[b#♭♯]?)`;
const behind = (place: string, words: string): RegExp => new RegExp(`${place}${words}`, 'gi');

/** In this order; columns: what stands behind a letter or a root; what it is in a symbol. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/(?<=[\dmj])[ -]flat[ -]?(?=\d)/gi, ' b'],
  [/(?<=[\dmj])[ -]sharp[ -]?(?=\d)/gi, ' #'],
  [behind(`${START})`, '[ -]flat(?:\\s+(?=\\d))?(?![a-z])'), 'b'],
  [behind(`${START})`, '[ -]sharp(?:\\s+(?=\\d))?(?![a-z])'), '#'],
  [behind(ROOT, '\\s+half[- ]diminished(?:\\s*7(?:th)?)?'), 'm7b5'],
  [behind(ROOT, '\\s+diminished(?:\\s*7(?:th)?)?'), 'dim7'],
  [behind(ROOT, '\\s+augmented'), 'aug'],
  [behind(ROOT, '\\s+dominant(?:\\s+(?=\\d))?'), ''],
  [behind(ROOT, '\\s+major(?:\\s+(?=\\d))?'), 'maj'],
  [behind(ROOT, '\\s+minor(?:\\s+(?=\\d))?'), 'm'],
  [/(?<=[A-G][b#]?(?:m|maj)?\d{1,2})th\b/g, ''],
];
/** What goes on with a symbol and begins none. */
const GOES_ON = /^\(?(?:[b#+-]?\d|alt|sus|maj|Maj|MAJ|min|Min|mi|m|dim|aug|add|no\d|ø|Δ|°)/;

/**
 * A line with its symbols in one piece each.
 * @example inOnePiece('| D min7 | B flat 7 (b9) |') // '| Dmin7 | Bb7(b9) |'
 */
export function inOnePiece(line: string): string {
  const spelled = WORDS.reduce((text, [words, sign]) => text.replace(words, sign), line);
  const pieces = spelled.split(/(\s+)/);
  const joined: string[] = [];
  for (const piece of pieces) {
    const before = joined.at(-2) ?? '';
    if (GOES_ON.test(piece) && !isChord(piece) && isChord(before) && isChord(before + piece)) {
      joined.splice(-2, 2, before + piece);
    } else joined.push(piece);
  }
  return joined.join('');
}

const isChord = (word: string): boolean => /^[A-G]/.test(word) && parseChord(word).ok;
