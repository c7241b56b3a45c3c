import { withEnglishNames } from './germanNames';

/** How a player likes the qualities of chords written. */
export interface SymbolStyle {
  readonly major: 'maj7' | 'Δ';
  readonly minor: 'm' | '–';
  readonly halfDiminished: 'm7b5' | 'ø';
  readonly diminished: 'dim' | '°';
}

export const SYMBOL_STYLES = {
  letters: { major: 'maj7', minor: 'm', halfDiminished: 'm7b5', diminished: 'dim' },
  signs: { major: 'Δ', minor: '–', halfDiminished: 'ø', diminished: '°' },
} as const satisfies Readonly<Record<string, SymbolStyle>>;

const ROOT = /^(\(?\s*[A-Ga-g](?:bb?|##?|[♭♯])?)(.*?)(\/\s*[A-Ga-g](?:bb?|##?|[♭♯])?\s*\)?)?$/su;
const MINOR = /^(?:min|mi(?!a)|m(?!a(?!dd))|-|–|−)/i;
const MAJOR_WORD = /^(?:maj|ma(?!dd)|M(?!i)|Δ|\^|△|∆)/;

/**
 * A symbol that reads as a chord, its quality written in a style and all else as typed. In triangle
 * style the 7 that the triangle implies is left out, in letters it is put in.
 * @example styleSymbol('Cmaj7', SYMBOL_STYLES.signs) // 'CΔ'
 * @example styleSymbol('Dm7b5/G', SYMBOL_STYLES.signs) // 'Dø/G'
 * @example styleSymbol('C-Δ', SYMBOL_STYLES.letters) // 'Cmmaj7'
 * @example styleSymbol('F#°7', SYMBOL_STYLES.letters) // 'F#dim7'
 */
export function styleSymbol(symbol: string, style: SymbolStyle): string {
  const match = ROOT.exec(withEnglishNames(symbol));
  if (!match) return symbol;
  const [, root = '', body = '', bass = ''] = match;
  return root + styleBody(body, style) + bass;
}

function styleBody(body: string, style: SymbolStyle): string {
  const half = /^(?:ø7?|Ø7?|(?:min|mi|m|-|–)7\(?(?:b|♭|-)5\)?)/i.exec(body);
  if (half) return style.halfDiminished + body.slice(half[0].length);
  const diminished = /^(?:dim|°|º|o(?!mit))/i.exec(body);
  if (diminished) return style.diminished + body.slice(diminished[0].length);
  const minor = body.startsWith('M') ? null : MINOR.exec(body);
  const rest = minor ? body.slice(minor[0].length) : body;
  const sign = minor ? style.minor : '';
  return sign + styleMajor(rest, style);
}

/** Brackets round the major seventh of a minor chord stay. */
function styleMajor(body: string, style: SymbolStyle): string {
  const [, open = '', inner = ''] = /^(\(?)(.*)$/s.exec(body) ?? [];
  const word = MAJOR_WORD.exec(inner);
  if (!word) return body;
  const triangle = /[Δ^△∆]/.test(word[0]);
  const after = inner.slice(word[0].length);
  if (!triangle && !/^(?:6|7|9|1[13])/.test(after)) return body;
  if (after.startsWith('6')) return body;
  if (style.major === 'Δ') return `${open}Δ${after.replace(/^7/, '')}`;
  const number = /^(?:7|9|1[13])/.test(after) ? '' : '7';
  return `${open}maj${number}${after}`;
}
