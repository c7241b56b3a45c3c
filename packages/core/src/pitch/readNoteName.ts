import { englishNote } from './germanNames';
import type { NoteName } from './spelling';

const LETTERS: Readonly<Record<string, string>> = {
  do: 'C',
  ut: 'C',
  re: 'D',
  mi: 'E',
  fa: 'F',
  sol: 'G',
  la: 'A',
  si: 'B',
  ti: 'B',
};

const NAME = /^(do|ut|r[eé]|mi|fa|sol|la|si|ti|[a-g])(bb?|##?|♭♭?|♯♯?)?$/i;

/**
 * The note that somebody names: by letter in any case, as in German (h, fis, es), or by syllable of fixed do, with at most
 * two accidentals. `b` is B and never the German B.
 * @param word as it is typed, without spaces
 * @returns nothing where it is no name of a note
 * @example readNoteName('mi♭') // 'Eb'
 * @example readNoteName('fis') // 'F#'
 * @example readNoteName('x') // undefined
 */
export function readNoteName(word: string): NoteName | undefined {
  const german = englishNote(word);
  if (german !== undefined) return german;
  const match = NAME.exec(word.normalize('NFC'));
  if (!match) return undefined;
  const said = match[1]!.toLowerCase().replace('é', 'e');
  const signs = (match[2] ?? '').toLowerCase().replaceAll('♭', 'b').replaceAll('♯', '#');
  return (LETTERS[said] ?? said.toUpperCase()) + signs;
}
