import type { Score } from '@drop-close/core';
import { remarksOf } from '../notation/system/remarks';
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
 * @param perLine bars of a line; where they have too many notes to be read half of them, so that phrases stay together
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
  const fits = ({ first, count }: SystemBars): boolean =>
    needs.slice(first, first + count).reduce((sum, { all }) => sum + all, head) <= room;
  const systems: SystemBars[] = [];
  let first = 0;
  while (first < measures.length) {
    const pickup = measures[first]!.number === 0 ? 1 : 0;
    let count = Math.min(perLine + pickup, measures.length - first);
    // A section that begins after the pickup begins with its line.
    const next = first + 1 + pickup;
    const section = measures.slice(next, first + count).findIndex((each) => each.section);
    if (section >= 0) count = section + 1 + pickup;
    systems.push(...halved({ first, count }, pickup, fits));
    first += count;
  }
  return systems;
}

/** Bars in one line where they fit, else half of them in each of two. */
function halved(
  bars: SystemBars,
  pickup: number,
  fits: (bars: SystemBars) => boolean,
): SystemBars[] {
  const { first, count } = bars;
  if (count <= 1 + pickup || fits(bars)) return [bars];
  const half = Math.ceil((count - pickup) / 2) + pickup;
  return [
    ...halved({ first, count: half }, pickup, fits),
    ...halved({ first: first + half, count: count - half }, 0, fits),
  ];
}

/** What a page has for its systems, in pixels. */
const roomOn = (page: number, paper: PaperId): number =>
  PAPERS[paper].height - 2 * MARGIN - FOOT - (page === 0 ? HEAD : 0);

/** Systems by page: none is cut. */
export function pagesOf<S>(systems: readonly S[], height: number, paper: PaperId): S[][] {
  const pages: S[][] = [];
  let left = 0;
  for (const system of systems) {
    if (left < height) {
      left = roomOn(pages.length, paper);
      pages.push([]);
    }
    pages.at(-1)!.push(system);
    left -= height;
  }
  return pages;
}

/** Systems are at most so far apart, in pixels. */
const MOST_GAP = 28;

/** What the fullest page has left, shared between its systems; the same on every page. */
function gapOf(pages: readonly SystemBars[][], height: number, paper: PaperId): number {
  const spare = pages.map(({ length }, at) => roomOn(at, paper) / length - height);
  return Math.max(0, Math.min(MOST_GAP, ...spare));
}

/** How the systems of a document stand. */
export interface Spacing {
  /** Between two systems, in pixels. */
  readonly gap: number;
  /** Of words over the bars of a system, at the most. */
  readonly rows: number;
}

/** A document on paper. */
export interface LaidOut {
  /** Each with its lines. */
  readonly pages: readonly (readonly SystemBars[])[];
  readonly spacing: Spacing;
}

/** The pages of a document. @param symbolOf how a symbol is written */
export function layOut(
  score: Score,
  { perLine, paper, size }: PaperLook,
  symbolOf: (symbol: string) => string,
): LaidOut {
  const [part] = score.parts;
  const width = (PAPERS[paper].width - 2 * MARGIN) / SIZES[size];
  const systems = systemsOf(score, perLine, symbolOf, width);
  const remarks = systems.flatMap((bars) => remarksOf(score, { ...bars, width }, symbolOf));
  const rows = Math.max(1, ...remarks.map((remark) => remark.rows.length));
  const height = part ? systemHeight(part, hasNumbers(score), rows) * SIZES[size] : 0;
  const pages = pagesOf(systems, height, paper);
  return { pages, spacing: { gap: gapOf(pages, height, paper), rows } };
}
