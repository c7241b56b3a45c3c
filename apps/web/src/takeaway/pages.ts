import type { Score } from '@drop-close/core';
import { headRoom, needsOf } from '../notation/system/widths';
import { hasNumbers, systemHeight } from './heights';

/** Sheets of paper, in whole CSS pixels (a 96th of an inch) that a sheet has room for. Source: ISO 216; ANSI A. */
export const PAPERS = {
  A4: { label: 'A4', width: 793, height: 1122 },
  Letter: { label: 'Letter', width: 816, height: 1055 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** Round the music, in the same pixels: 15 mm. */
export const MARGIN = 57;
/** For title, tempo and feel on the first page, and for the number on every page. */
const HEAD = 84;
const FOOT = 26;

/** How a document lies on paper, as its player wants it. */
export interface PaperLook {
  readonly paper: PaperId;
  /** Bars a line. */
  readonly perLine: number;
  readonly size: PaperSize;
  /** Whether every chord has its number under it. */
  readonly numbers: boolean;
}

/** How large staves, notes and symbols are, as a factor. */
export const SIZES = { small: 0.82, medium: 1, large: 1.25 } as const;
export type PaperSize = keyof typeof SIZES;

export const USUAL_LOOK: PaperLook = { paper: 'A4', perLine: 4, size: 'medium', numbers: false };

/** Bars of one line, as positions in the score. */
export interface SystemBars {
  readonly first: number;
  readonly count: number;
}

/**
 * A pickup stands before the first line; a section begins a line of its own.
 * @param perLine bars of a line, fewer where they have too many notes to be read
 * @param symbolOf how a symbol is written
 * @param room for a line, in pixels of medium size
 */
export function systemsOf(
  score: Pick<Score, 'key' | 'measures' | 'parts'>,
  perLine: number,
  symbolOf: (symbol: string) => string,
  room = Infinity,
): SystemBars[] {
  const { measures } = score;
  const needs = needsOf(score, symbolOf);
  const head = headRoom(score.key);
  const systems: SystemBars[] = [];
  let first = 0;
  while (first < measures.length) {
    const pickup = measures[first]!.number === 0 ? 1 : 0;
    let count = Math.min(perLine + pickup, measures.length - first);
    const fits = (bars: number): boolean =>
      needs.slice(first, first + bars).reduce((sum, { all }) => sum + all, head) <= room;
    while (count > 1 && !fits(count)) count -= 1;
    // A section that begins after the pickup begins with its line.
    const next = first + 1 + pickup;
    const section = measures.slice(next, first + count).findIndex((each) => each.section);
    if (section >= 0) count = section + 1 + pickup;
    systems.push({ first, count });
    first += count;
  }
  return systems;
}

/** Systems by page: none is cut. */
export function pagesOf<S>(systems: readonly S[], height: number, paper: PaperId): S[][] {
  const room = PAPERS[paper].height - 2 * MARGIN - FOOT;
  const pages: S[][] = [];
  let left = 0;
  for (const system of systems) {
    if (left < height) {
      left = pages.length ? room : room - HEAD;
      pages.push([]);
    }
    pages.at(-1)!.push(system);
    left -= height;
  }
  return pages;
}

/** The pages of a document, each with its lines. @param symbolOf how a symbol is written */
export function layOut(
  score: Score,
  { perLine, paper, size }: PaperLook,
  symbolOf: (symbol: string) => string,
): SystemBars[][] {
  const [part] = score.parts;
  const height = part ? systemHeight(part, hasNumbers(score)) : 0;
  const room = (PAPERS[paper].width - 2 * MARGIN) / SIZES[size];
  return pagesOf(systemsOf(score, perLine, symbolOf, room), height * SIZES[size], paper);
}
