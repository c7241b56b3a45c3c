import type { Score } from '@drop-close/core';
import { layOut, type PaperLook, type Spacing, type SystemBars } from '../pages';

/** A tune of a set, written out. */
export interface BookletTune {
  readonly title: string;
  readonly score: Score;
}

/** A page of a booklet after its contents. */
export interface BookletPage {
  readonly tune: BookletTune;
  readonly systems: readonly SystemBars[];
  readonly spacing: Spacing;
  /** Whether the tune begins here. */
  readonly isFirst: boolean;
}

/** A line of the contents. */
export interface ContentsLine {
  readonly title: string;
  readonly key: string;
  readonly tempo: number;
  /** Where the tune begins; the contents are page 1. */
  readonly page: number;
}

export interface Booklet {
  readonly contents: readonly ContentsLine[];
  readonly pages: readonly BookletPage[];
  /** The page of contents counted. */
  readonly total: number;
}

/** The pages of a set in playing order: every tune begins a page of its own. @param symbolOf how a symbol is written */
export function bookletOf(
  tunes: readonly BookletTune[],
  look: PaperLook,
  symbolOf: (symbol: string) => string,
): Booklet {
  const pages: BookletPage[] = [];
  const contents = tunes.map((tune): ContentsLine => {
    const page = pages.length + 2;
    const { pages: own, spacing } = layOut(tune.score, look, symbolOf);
    pages.push(...own.map((systems, at) => ({ tune, systems, spacing, isFirst: at === 0 })));
    return { title: tune.title, key: tune.score.key, tempo: tune.score.tempo, page };
  });
  return { contents, pages, total: pages.length + 1 };
}
