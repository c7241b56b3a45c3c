import { moveNote, type Interval } from '../pitch/interval';

const SYMBOL =
  /^(\s*\(?\s*)([A-Ga-g])(bb?|##?|♭♭?|♯♯?|𝄫|𝄪)?(.*?)(?:(\/\s*)([A-Ga-g])(bb?|##?|♭|♯)?(\s*\)?\s*))?$/su;

/**
 * A symbol that reads as a chord, moved by an interval: root and bass move, all else stays as typed.
 * @example moveSymbol('Dm7/C', { letterSteps: 1, semitones: 2 }) // 'Em7/D'
 * @example moveSymbol('bb7 (b9)', { letterSteps: 1, semitones: 2 }) // 'C7 (b9)'
 */
export function moveSymbol(symbol: string, interval: Interval): string {
  const match = SYMBOL.exec(symbol);
  if (!match) return symbol;
  const [, before = '', root = '', sign = '', body = '', slash, bass, bassSign = '', after = ''] =
    match;
  const move = (letter: string, accidental: string): string =>
    moveNote(letter.toUpperCase() + plain(accidental), interval);
  const moved = before + move(root, sign) + body;
  return slash && bass ? moved + slash + move(bass, bassSign) + after : moved;
}

const plain = (sign: string): string =>
  sign.replaceAll('♭', 'b').replaceAll('♯', '#').replace('𝄫', 'bb').replace('𝄪', '##');
