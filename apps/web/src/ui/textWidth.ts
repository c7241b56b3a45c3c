import { symbolParts } from './symbol';

/** As documents are set in medium size, in pixels. */
const SYMBOL = 18;
const RAISED = 13;
const NUMBER = 14;
const SECTION = 19;

/**
 * Characters by what they take at the most in the face of symbols, in hundredths of an em.
 * Source: advance widths of Vollkorn Medium and of the face of its accidentals.
 */
const ADVANCES: readonly (readonly [number, string])[] = [
  [20, ' '],
  [32, 'ijl().,'],
  [44, 'Itrs1♭°/-'],
  [54, '♯aegoøvx2356789'],
  [62, 'EFbdhnu04+–#'],
  [66, 'BCΔ'],
  [77, 'ADGHNV'],
  [91, 'm'],
];
const WIDEST = 91;

const advances = new Map(
  ADVANCES.flatMap(([wide, all]) => all.split('').map((one) => [one, wide] as const)),
);
const widthOf = (text: string, size: number): number =>
  text.split('').reduce((sum, one) => sum + ((advances.get(one) ?? WIDEST) * size) / 100, 0);

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
