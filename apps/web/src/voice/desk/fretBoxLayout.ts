import type { VoicedNote, Voicing } from '@drop-close/core';

/** Frets a box shows at least. */
const FEWEST_FRETS = 4;

interface Measure {
  readonly string: number;
  readonly fret: number;
  readonly dot: number;
  readonly text: number;
  /** Beside the strings, where the number of the first fret stands, and on the other side. */
  readonly numberSide: number;
  readonly otherSide: number;
  readonly top: number;
}

const SMALL: Measure = {
  string: 8,
  fret: 11,
  dot: 3.3,
  text: 10,
  numberSide: 16,
  otherSide: 8,
  top: 11,
};
const LARGE: Measure = {
  string: 23,
  fret: 27,
  dot: 9.5,
  text: 15,
  numberSide: 32,
  otherSide: 22,
  top: 24,
};

/** Where everything of a fret box is drawn, in pixels. */
export interface Box {
  readonly measure: Measure;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** The fret drawn first, and how many are. */
  readonly first: number;
  readonly count: number;
  /** Where the number of the first fret stands: on the side of the lowest string. */
  readonly numberAt: number;
  /** Of a string, 1 = highest. */
  readonly x: (string: number) => number;
  /** Of the middle of a fret. */
  readonly y: (fret: number) => number;
}

export function boxOf(
  { notes }: Voicing,
  size: 'small' | 'large',
  strings: number,
  leftHanded: boolean,
): Box {
  const measure = size === 'small' ? SMALL : LARGE;
  const fretted = notes.map(({ fret = 0 }) => fret).filter((fret) => fret > 0);
  const highest = Math.max(FEWEST_FRETS, ...fretted);
  const fromNut = highest <= FEWEST_FRETS + (size === 'large' ? 1 : 0);
  const first = fromNut || !fretted.length ? 1 : Math.min(...fretted);
  const count = Math.max(FEWEST_FRETS, highest - first + 1);
  const left = leftHanded ? measure.otherSide : measure.numberSide;
  const right = left + (strings - 1) * measure.string;
  const bottom = measure.top + count * measure.fret;
  const beside = measure.dot + 3;
  return {
    measure,
    width: right + (leftHanded ? measure.numberSide : measure.otherSide),
    height: bottom + 3,
    ...{ left, right, top: measure.top, bottom, first, count },
    numberAt: leftHanded ? right + beside : left - beside,
    x: (string) => left + (leftHanded ? string - 1 : strings - string) * measure.string,
    y: (fret) => measure.top + (fret - first + 0.5) * measure.fret,
  };
}

/** A finger across strings: at which fret, and between which strings. */
export interface Barre {
  readonly fret: number;
  readonly from: number;
  readonly to: number;
}

/** Every finger that lies across strings. */
export const barresOf = (notes: readonly VoicedNote[]): Barre[] =>
  [1, 2, 3, 4].flatMap((finger) => {
    const under = notes.filter((note) => note.finger === finger);
    const strings = under.map(({ string = 0 }) => string);
    if (under.length < 2) return [];
    const fret = under[0]?.fret ?? 0;
    return [{ fret, from: Math.max(...strings), to: Math.min(...strings) }];
  });
