import {
  LANDMARK_KINDS,
  plainLetters,
  searchedWords,
  type LandmarkKind,
  type TuneGlance,
  type TuneKnown,
} from '@drop-close/core';

/** What is looked for in the book; what is left out matches every tune. */
export interface BookFilters {
  readonly search?: string;
  /** A home key, as `Eb major`. */
  readonly key?: string;
  readonly meter?: string;
  readonly form?: string;
  readonly landmark?: LandmarkKind;
  readonly practice?: Practice;
  /** By title when left out. */
  readonly order?: BookOrder;
}

export const PRACTICES = ['due', 'begun', 'not begun'] as const;
/** Whether something of a tune is due, or was ever practised. */
export type Practice = (typeof PRACTICES)[number];

export const ORDERS = ['least known', 'most due'] as const;
export type BookOrder = (typeof ORDERS)[number];

/** What is known of the tunes that were begun, by their ids. */
export type KnownTunes = ReadonlyMap<string, TuneKnown>;

export const FILTER_NAMES = [
  'search',
  'key',
  'meter',
  'form',
  'landmark',
  'practice',
  'order',
] as const;

/** Tunes that match all that is looked for. Words of the search may stand anywhere in the title. */
export function filterTunes(
  tunes: readonly TuneGlance[],
  filters: BookFilters,
  known: KnownTunes = NONE_KNOWN,
): TuneGlance[] {
  const words = searchedWords(filters.search ?? '');
  const found = tunes.filter(
    (tune) =>
      words.every((word) => plainLetters(tune.title).includes(word)) &&
      (!filters.key || tune.homeKey === filters.key) &&
      (!filters.meter || tune.meter === filters.meter) &&
      (!filters.form || formOf(tune) === filters.form) &&
      (!filters.landmark || tune.landmarks.includes(filters.landmark)) &&
      practised(known.get(tune.id), filters.practice),
  );
  return filters.order ? inOrder(found, known, filters.order) : found;
}

const NONE_KNOWN: KnownTunes = new Map();

function practised(known: TuneKnown | undefined, wanted: Practice | undefined): boolean {
  switch (wanted) {
    case 'due':
      return !!known?.due;
    case 'begun':
      return !!known;
    case 'not begun':
      return !known;
    case undefined:
      return true;
  }
}

/** Of equals, by title as they came. */
function inOrder(tunes: readonly TuneGlance[], known: KnownTunes, order: BookOrder): TuneGlance[] {
  const rank = ({ id }: TuneGlance): number =>
    order === 'most due' ? -(known.get(id)?.due ?? 0) : (known.get(id)?.share ?? 0);
  return [...tunes].sort((a, b) => rank(a) - rank(b));
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
