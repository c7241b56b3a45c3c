import { distance } from 'fastest-levenshtein';
import { QUALITIES } from './data';

const FURTHEST = 2;

interface Near {
  readonly spelling: string;
  readonly edits: number;
  /** How many letters agree from the left: what was typed first was most likely meant. */
  readonly agreeing: number;
}

/**
 * The nearest quality of the vocabulary to the text after a root, by edit distance, or `undefined`
 * when nothing is close. Ties go to the one that agrees longest from the left, then to the earlier row.
 * @example nearestQuality('mjaj7') // 'maj7'
 * @example nearestQuality('m77') // 'm7'
 * @example nearestQuality('xyzzy') // undefined
 */
export function nearestQuality(written: string): string | undefined {
  let best: Near | undefined;
  for (const [spellings] of QUALITIES) {
    for (const spelling of spellings.split(' ')) {
      const near = compare(written, spelling);
      if (!best || isNearer(near, best)) best = near;
    }
  }
  const close = best && best.edits <= FURTHEST && best.edits < written.length;
  return close ? best?.spelling : undefined;
}

function compare(written: string, spelling: string): Near {
  let agreeing = 0;
  while (agreeing < spelling.length && written[agreeing] === spelling[agreeing]) agreeing += 1;
  return { spelling, edits: distance(written, spelling), agreeing };
}

const isNearer = (a: Near, b: Near): boolean =>
  a.edits < b.edits || (a.edits === b.edits && a.agreeing > b.agreeing);
