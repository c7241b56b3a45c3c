import { englishNote } from '../pitch/germanNames';

/** As root: sus is no ending of a name, and small words such as "as" are no roots. */
const ROOT = /^(\s*\(?\s*)([A-G](?:is|es)|[AE]s(?!us)|[Hh](?![b#♭♯𝄫𝄪]))/u;
const BASS = /(\/\s*)([A-G](?:is|es)|[AE]s|[Hh])(?=\s*\)?\s*$)/;

/** @example withEnglishRoot('Fism7b5') // 'F#m7b5' */
export const withEnglishRoot = (symbol: string): string => inEnglish(symbol, ROOT);

/**
 * A symbol with German names of notes in the names that are read here.
 * @example withEnglishNames('Hm7b5') // 'Bm7b5'
 * @example withEnglishNames('Es/B') // 'Eb/B'
 */
export const withEnglishNames = (symbol: string): string =>
  inEnglish(withEnglishRoot(symbol), BASS);

const inEnglish = (symbol: string, place: RegExp): string =>
  symbol.replace(place, (_, before: string, name: string) => before + (englishNote(name) ?? name));
