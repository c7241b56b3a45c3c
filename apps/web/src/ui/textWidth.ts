import { symbolParts } from './symbol';

/** As documents are set in medium size, in pixels. */
const SYMBOL = 18;
const RAISED = 13;
const NUMBER = 14;
const SECTION = 19;
const WORDS = 14;

/** Characters by what they take at the most, in hundredths of an em. */
type Advances = readonly (readonly [number, string])[];

/** In the face of symbols. Source: advance widths of Vollkorn Medium and of the face of its accidentals. */
const OF_SYMBOLS: Advances = [
  [20, ' '],
  [32, 'ijl().,'],
  [44, 'Itrs1♭°/-'],
  [54, '♯aegoøvx2356789'],
  [62, 'EFbdhnu04+–#'],
  [66, 'BCΔ'],
  [77, 'ADGHNV'],
  [91, 'm'],
];

/** In the face of words. Source: advance widths of Alegreya Sans. */
const OF_WORDS: Advances = [
  [17, " '‘’"],
  [31, '.,;:ilj!I"()/°f“”J-'],
  [38, 'rt?1sc'],
  [46, 'z35vL7xyF2aek'],
  [54, 'S689♭E4–+♯×goTøbpqudhnCPYZ0B'],
  [65, 'KRVßAXGOUQD'],
  [69, 'wHN&'],
  [80, 'mM'],
  [93, 'W%—'],
];

/** @returns what a text takes at the most in a size, a character that is not listed as much as the widest */
function measuredBy(table: Advances): (text: string, size: number) => number {
  const widest = Math.max(...table.map(([wide]) => wide));
  const advances = new Map(
    table.flatMap(([wide, all]) => all.split('').map((one) => [one, wide] as const)),
  );
  return (text, size) =>
    text.split('').reduce((sum, one) => sum + ((advances.get(one) ?? widest) * size) / 100, 0);
}
const widthOf = measuredBy(OF_SYMBOLS);
const widthOfWords = measuredBy(OF_WORDS);

/** What a chord symbol takes of its line at the most, in pixels of medium size. */
export function symbolWidth(symbol: string): number {
  const { root, quality, raised, bass } = symbolParts(symbol);
  const plain = root + quality + (bass === undefined ? '' : `/${bass}`);
  return widthOf(plain, SYMBOL) + widthOf(raised, RAISED);
}

/** The same of a number under a chord, `subV7/♭VI`. */
export const numberWidth = (number: string): number => widthOf(number, NUMBER);

/** The same of the name of a section. */
export const sectionWidth = (name: string): number => widthOf(name, SECTION);

/** The same of words over a bar. */
export const wordsWidth = (words: string): number => widthOfWords(words, WORDS);
