/** Chords that a score writes as words over the staff, and not as harmonies: "Dm7" above the first note. */
import { parseChord } from '../../chord/parseChord';
import { child, type Element } from './elements';

const wordsOf = (direction: Element): Element[] =>
  direction.name === 'direction'
    ? direction.children.flatMap(({ children }) => children.filter(({ name }) => name === 'words'))
    : [];

const textOf = ({ text }: Element): string => text.trim();

const isChord = (text: string): boolean => /^[A-G]/.test(text) && parseChord(text).ok;

/** Letters alone name sections too. */
const isMoreThanLetter = (text: string): boolean => text.length > 1;

/**
 * A part whose chords are words, with harmonies in their place. Most of its words must be chords, some of them more than a
 * letter; else it stays as it is.
 */
export function withChordWords(part: Element): Element {
  const words = part.children.flatMap(({ children }) => children.flatMap(wordsOf)).map(textOf);
  const chords = words.filter(isChord);
  if (2 * chords.length < words.length || !chords.some(isMoreThanLetter)) return part;
  return {
    ...part,
    children: part.children.map((measure) => ({
      ...measure,
      children: measure.children.flatMap((each) => {
        const found = wordsOf(each).map(textOf).filter(isChord);
        return found.length ? found.map((text) => harmonyOf(text, each)) : [each];
      }),
    })),
  };
}

function harmonyOf(symbol: string, direction: Element): Element {
  const [root = '', sign = ''] = /^[A-G]([#b♯♭]?)/.exec(symbol) ?? [];
  const alter = { '': '0', '#': '1', '♯': '1', b: '-1', '♭': '-1' }[sign] ?? '0';
  const offset = child(direction, 'offset');
  return made('harmony', '', [
    made('root', '', [made('root-step', root.charAt(0)), made('root-alter', alter)]),
    { ...made('kind', 'other'), attributes: { text: symbol.slice(root.length) } },
    ...(offset ? [offset] : []),
  ]);
}

const made = (name: string, text: string, children: readonly Element[] = []): Element => ({
  ...{ name, text, children },
  attributes: {},
});
