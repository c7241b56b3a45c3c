/** Names of notes as German and Dutch charts have them. B stays B natural: to take it for B flat would change charts that mix both. */
import type { NoteName } from './spelling';

const NAME = /^(?:([a-g])(is|es)|([ae])s|h(is)?)$/i;

/**
 * A German name in English: H is B natural, -is raises, -es lowers.
 * @returns nothing where it is no name, or the same in English
 * @example englishNote('Fis') // 'F#'
 * @example englishNote('As') // 'Ab'
 */
export function englishNote(name: string): NoteName | undefined {
  const match = NAME.exec(name);
  if (!match) return undefined;
  const [, letter, ending, lowered, raisedH] = match;
  if (letter) return letter.toUpperCase() + (/^is$/i.test(ending!) ? '#' : 'b');
  if (lowered) return `${lowered.toUpperCase()}b`;
  return raisedH ? 'B#' : 'B';
}
