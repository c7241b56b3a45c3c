import type { Score, ScorePart } from '@drop-close/core';

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

/** From staff to staff of one system, in pixels. */
export const BETWEEN_STAVES = 96;
const STAFF = 42;
/** Over and under the staves: notes need more of both than slashes. */
const ROOM = { slashes: { over: 56, under: 12 }, notes: { over: 84, under: 40 } } as const;

const roomOf = ({ measures }: Pick<ScorePart, 'measures'>) =>
  measures.some(({ voices }) => voices.length) ? ROOM.notes : ROOM.slashes;

/** From the top of a system to its first staff. */
export const overStaves = (part: Pick<ScorePart, 'measures'>): number => roomOf(part).over;

/** How high a system of a part is, chords and sections over it included. */
export function systemHeight(part: Pick<ScorePart, 'staves' | 'measures'>): number {
  const { over, under } = roomOf(part);
  return over + (part.staves.length - 1) * BETWEEN_STAVES + STAFF + under;
}

/** Bars of one line, as positions in the score. */
export interface SystemBars {
  readonly first: number;
  readonly count: number;
}

/** A pickup stands before the first line; a section begins a line of its own where the one before is long enough. */
export function systemsOf({ measures }: Pick<Score, 'measures'>, perLine: number): SystemBars[] {
  const systems: SystemBars[] = [];
  let first = 0;
  while (first < measures.length) {
    const pickup = measures[first]!.number === 0 ? 1 : 0;
    let count = Math.min(perLine + pickup, measures.length - first);
    const section = measures.slice(first + 1, first + count).findIndex((each) => each.section);
    if (section >= 0) count = section + 1;
    systems.push({ first, count });
    first += count;
  }
  return systems;
}

/** Systems by page: none is cut. */
export function pagesOf(
  systems: readonly SystemBars[],
  height: number,
  paper: PaperId,
): SystemBars[][] {
  const room = PAPERS[paper].height - 2 * MARGIN - FOOT;
  const pages: SystemBars[][] = [];
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

/** The pages of a document, each with its lines. */
export function layOut(score: Score, perLine: number, paper: PaperId): SystemBars[][] {
  const [part] = score.parts;
  const height = part ? systemHeight(part) : 0;
  return pagesOf(systemsOf(score, perLine), height, paper);
}
