import {
  LANDMARK_KINDS,
  plainLetters,
  searchedWords,
  type LandmarkKind,
  type TuneGlance,
} from '@drop-close/core';

/** What is looked for in the book; what is left out matches every tune. */
export interface BookFilters {
  readonly search?: string;
  /** A home key, as `Eb major`. */
  readonly key?: string;
  readonly meter?: string;
  readonly form?: string;
  readonly landmark?: LandmarkKind;
}

export const FILTER_NAMES = ['search', 'key', 'meter', 'form', 'landmark'] as const;

/** Tunes that match all that is looked for. Words of the search may stand anywhere in the title. */
export function filterTunes(tunes: readonly TuneGlance[], filters: BookFilters): TuneGlance[] {
  const words = searchedWords(filters.search ?? '');
  return tunes.filter(
    (tune) =>
      words.every((word) => plainLetters(tune.title).includes(word)) &&
      (!filters.key || tune.homeKey === filters.key) &&
      (!filters.meter || tune.meter === filters.meter) &&
      (!filters.form || formOf(tune) === filters.form) &&
      (!filters.landmark || tune.landmarks.includes(filters.landmark)),
  );
}

/** The kind of form without its key: "twelve-bar blues", "32-bar AABA"; letters where it has no name. */
export const formOf = ({ formName, form }: TuneGlance): string =>
  formName.replace(/ in .*$/, (inKey) => (inKey.endsWith('minor') ? ' in minor' : '')) || form;

export interface FilterOptions {
  readonly keys: readonly string[];
  readonly meters: readonly string[];
  readonly forms: readonly string[];
  readonly landmarks: readonly LandmarkKind[];
}

/** What there is to choose from: only what some tune has. */
export function optionsOf(tunes: readonly TuneGlance[]): FilterOptions {
  const all = (pick: (tune: TuneGlance) => string): string[] =>
    [...new Set(tunes.map(pick))].filter(Boolean).sort((a, b) => a.localeCompare(b));
  const present = new Set(tunes.flatMap(({ landmarks }) => landmarks));
  return {
    keys: all(({ homeKey }) => homeKey),
    meters: all(({ meter }) => meter),
    forms: all(formOf),
    landmarks: LANDMARK_KINDS.filter((kind) => present.has(kind)),
  };
}
