import { intervalBetween, moveNote, type Interval } from '../pitch/interval';
import { withEnglishNames } from './germanNames';
import { plainRoot, spellFrom, type NoteName } from '../pitch/spelling';

const SYMBOL =
  /^(\s*\(?\s*)([A-Ga-g])(bb?|##?|♭♭?|♯♯?|𝄫|𝄪)?(.*?)(?:(\/\s*)([A-Ga-g])(bb?|##?|♭|♯)?(\s*\)?\s*))?$/su;

/**
 * A symbol that reads as a chord, moved by an interval: root and bass move, all else stays as typed. A root that players
 * would not write takes its plain name, and the bass goes with it: Cb7 becomes B7.
 * @param named the root as it is spelled in its key, where that is another name than the one it is written by
 * @example moveSymbol('Dm7/C', { letterSteps: 1, semitones: 2 }) // 'Em7/D'
 * @example moveSymbol('bb7 (b9)', { letterSteps: 1, semitones: 2 }) // 'C7 (b9)'
 */
export function moveSymbol(symbol: string, interval: Interval, named?: NoteName): string {
  const match = SYMBOL.exec(withEnglishNames(symbol));
  if (!match) return symbol;
  const [, before = '', root = '', sign = '', body = '', slash, bass, bassSign = '', after = ''] =
    match;
  const written = root.toUpperCase() + plain(sign);
  const { letterSteps, semitones } = interval;
  const own = plainRoot(spellFrom(named ?? written, letterSteps, semitones));
  const moved = before + own + body;
  if (!slash || !bass) return moved;
  const under = moveNote(own, intervalBetween(written, bass.toUpperCase() + plain(bassSign)));
  return moved + slash + under + after;
}

const plain = (sign: string): string =>
  sign.replaceAll('♭', 'b').replaceAll('♯', '#').replace('𝄫', 'bb').replace('𝄪', '##');
