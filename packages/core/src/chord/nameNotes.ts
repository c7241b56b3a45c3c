import { pitchClass, type Midi } from '../base/units';
import { QUALITIES } from './data';
import { semitonesOf, type Degree } from './degrees';
import { guideTonesOf } from './tones';

/** One name for some notes. */
export interface ChordReading {
  /** As `Dm7b5`, without a slash. */
  readonly symbol: string;
  /** The lowest note, where it is not the root: `D` for D/F# read as D. */
  readonly bass?: string;
  readonly rootSounds: boolean;
  /** Guide tones the name has and the notes do not. */
  readonly without?: readonly Degree[];
  /** What each note is in this chord, bottom to top. */
  readonly degrees: readonly Degree[];
}

/** Fewer notes are no chord, and a chord that lacks its root must show three. */
const FEWEST = 2;
const FEWEST_WITHOUT_ROOT = 3;

/** How far a reading is fetched, in points: what each of these adds. */
const POINTS = {
  extension: 2,
  suspended: 2,
  noFifth: 3,
  noImplied: 3,
  noRoot: 8,
  noGuide: 14,
  inversion: 1,
  tensionInBass: 5,
} as const;

/**
 * Names of larger chords, to tell what is gripped and not only what is written: the colours of a dominant
 * together, and some more. Columns as in `QUALITIES`. Source: arithmetic from the degrees.
 */
const LARGER: readonly (readonly [suffix: string, tones: string])[] = [
  ...dominants(),
  ['maj13(#11)', 'R 3 5 7 9 #11 13'],
  ['maj9(#5)', 'R 3 #5 7 9'],
  ['9(#5)', 'R 3 #5 b7 9'],
  ['7(b9,#5)', 'R 3 #5 b7 b9'],
  ['m9b5', 'R b3 b5 b7 9'],
  ['m11b5', 'R b3 b5 b7 9 11'],
  ['m7(b9)', 'R b3 5 b7 b9'],
  ['m9(b13)', 'R b3 5 b7 9 b13'],
  ['13sus4(b9)', 'R 4 5 b7 b9 13'],
];

/** A dominant with two altered colours or more. */
function dominants(): [string, string][] {
  const ninths = [[], ['b9'], ['9'], ['#9'], ['b9', '#9']];
  const others = [[], ['#11'], ['b13'], ['#11', 'b13'], ['13'], ['#11', '13']];
  return ninths.flatMap((ninth) =>
    others.flatMap((other): [string, string][] => {
      const has13 = other.includes('13');
      const altered = [...ninth, ...other].filter((degree) => degree !== '9' && degree !== '13');
      const natural = ninth.includes('9') || (has13 && !ninth.length);
      const number = has13 ? '13' : natural ? '9' : '7';
      if (altered.length < (number === '7' ? 2 : 1)) return [];
      const tones = ['R', '3', '5', 'b7', ...(natural ? ['9'] : ninth), ...other];
      return [[`${number}(${altered.join(',')})`, tones.join(' ')]];
    }),
  );
}

interface Quality {
  readonly suffix: string;
  readonly degrees: readonly Degree[];
  readonly pitchOf: ReadonlyMap<number, Degree>;
  /** Guide tones and whatever else must be heard for the name to be told. */
  readonly needed: readonly Degree[];
  readonly guides: readonly Degree[];
  readonly points: number;
}

/** Omissions are no names of their own: a chord may lack its fifth anyway. */
const VOCABULARY: readonly Quality[] = distinct([
  ...QUALITIES.filter(([names]) => !names.includes('no'))
    // Alt leaves open which of its colours sound, so that other names tell more.
    .filter(([names]) => !names.includes('alt')),
  ...LARGER,
]).map(([names, tones]) => {
  const degrees = tones.split(' ') as Degree[];
  const suspended = degrees.includes('4') || degrees.includes('2');
  const extensions = Math.max(0, degrees.length - 4);
  return {
    suffix: names.split(' ')[0] ?? '',
    degrees,
    pitchOf: new Map(degrees.map((degree) => [semitonesOf(degree), degree])),
    needed: degrees.filter((degree) => !mayLack(degree, degrees)),
    // A suspended chord is told by both of its guide tones.
    guides: suspended ? [] : guideTonesOf(degrees).filter((degree) => degree !== 'R'),
    points: extensions * POINTS.extension + (suspended ? POINTS.suspended : 0),
  };
});

/** The root, a natural fifth, and what a higher number only implies. */
function mayLack(degree: Degree, all: readonly Degree[]): boolean {
  if (guideTonesOf(all).includes(degree) && degree !== 'R') return false;
  if (degree === 'R') return true;
  if (degree === '5') return all.length > 2;
  if (degree === '9') return all.includes('11') || all.includes('13') || all.includes('#11');
  return degree === '11' && all.includes('13');
}

/**
 * Roots as they are usually written: flats, but sharps where the chord on them is minor or diminished.
 */
const ROOTS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'];
const MINOR_ROOTS: Readonly<Record<number, string>> = { 1: 'C#', 8: 'G#' };

const rootName = (pitch: number, { degrees }: Quality): string =>
  (degrees.includes('b3') ? MINOR_ROOTS[pitch] : undefined) ?? ROOTS[pitch] ?? '';

/**
 * Every sensible name of some notes, the best first: with the root below all others, then inverted, then
 * without its root, then without one of its guide tones. Fewer than two different notes have none. Ties go to the lower root, from the bass
 * upwards, then to the simpler chord.
 * @param pitches MIDI notes in any order, doublings allowed
 * @example nameNotes([60, 64, 67, 69]).slice(0, 2).map((r) => r.symbol) // ['C6', 'Am7']
 */
export function nameNotes(pitches: readonly Midi[]): ChordReading[] {
  const notes = [...pitches].sort((a, b) => a - b);
  const bass = notes[0];
  const sounding = new Set(notes.map((note) => pitchClass(note) as number));
  if (bass === undefined || sounding.size < FEWEST) return [];
  const heard = { sounding, bass: pitchClass(bass) as number };
  const roots = Array.from({ length: 12 }, (_, step) => pitchClass(bass + step) as number);
  const named = roots.flatMap((root) => namesOn(root, heard, mayBeLeftOut));
  // What is nearly nothing of a chord is told as what it is nearest to.
  const all = named.length ? named : roots.flatMap((root) => namesOn(root, heard, anyMayBeLeftOut));
  return all
    .sort((x, y) => x.points - y.points)
    .map(({ quality, root }) => readingOf(quality, root, notes, sounding));
}

interface Heard {
  readonly sounding: ReadonlySet<number>;
  /** Pitch class of the lowest note. */
  readonly bass: number;
}

interface Named {
  readonly quality: Quality;
  readonly root: number;
  readonly points: number;
  readonly whole: boolean;
}

/** The names on one root; those that lack a guide tone only where none has all of its own. */
function namesOn(root: number, { sounding, bass }: Heard, mayLackGuides: LeftOut): Named[] {
  const named = VOCABULARY.flatMap((quality): Named[] => {
    const points = pointsOf(quality, root, sounding, bass, mayLackGuides);
    if (points === undefined) return [];
    const has = (degree: Degree): boolean => sounding.has(pitchClass(root + semitonesOf(degree)));
    return [{ quality, root, points, whole: quality.needed.every(has) }];
  });
  const whole = named.filter((each) => each.whole);
  return whole.length ? whole : named;
}

/** How far fetched the name is; `undefined` when it is none for these notes. */
function pointsOf(
  quality: Quality,
  root: number,
  sounding: ReadonlySet<number>,
  bass: number,
  mayLackGuides: LeftOut,
): number | undefined {
  const above = (pitch: number): number => pitchClass(pitch - root);
  const heard = new Set([...sounding].map(above));
  if ([...heard].some((semitones) => !quality.pitchOf.has(semitones))) return undefined;
  const lacking = quality.needed.filter((degree) => !heard.has(semitonesOf(degree)));
  if (!mayLackGuides(lacking, quality, heard.size)) return undefined;
  const rootSounds = heard.has(0);
  if (!rootSounds && (heard.size < FEWEST_WITHOUT_ROOT || !quality.needed.length)) return undefined;
  let points = quality.points;
  for (const degree of quality.degrees) {
    if (heard.has(semitonesOf(degree))) continue;
    if (lacking.includes(degree)) points += POINTS.noGuide;
    else if (degree === 'R') points += POINTS.noRoot;
    else points += degree === '5' ? POINTS.noFifth : POINTS.noImplied;
  }
  const lowest = quality.pitchOf.get(above(bass));
  if (rootSounds && lowest !== 'R') {
    const chordTone = lowest !== undefined && /^(?:b?3|[b#]?5|b*7|6)$/.test(lowest);
    points += chordTone ? POINTS.inversion : POINTS.tensionInBass;
  }
  return points;
}

/** A handful of notes; fewer tell nothing without both guide tones. */
const FEWEST_WITHOUT_GUIDE = 3;

type LeftOut = (lacking: readonly Degree[], quality: Quality, heard: number) => boolean;

/** One guide tone of two may be left out where enough is heard, as players grip them. */
const mayBeLeftOut: LeftOut = (lacking, { guides }, heard) =>
  !lacking.length ||
  (lacking.length === 1 &&
    guides.length > 1 &&
    guides.includes(lacking[0]!) &&
    heard >= FEWEST_WITHOUT_GUIDE);

const anyMayBeLeftOut: LeftOut = (_, __, heard) => heard >= FEWEST_WITHOUT_GUIDE;

/** Each set of tones once, by its first name. */
function distinct(
  rows: readonly (readonly [names: string, tones: string])[],
): (readonly [names: string, tones: string])[] {
  const key = (tones: string): string => tones.split(' ').sort().join();
  return [...new Map([...rows].reverse().map((row) => [key(row[1]), row])).values()].reverse();
}

function readingOf(
  quality: Quality,
  root: number,
  notes: readonly number[],
  sounding: ReadonlySet<number>,
): ChordReading {
  const name = rootName(root, quality);
  const degrees = notes.map((note) => quality.pitchOf.get(pitchClass(note - root))!);
  const rootSounds = sounding.has(root);
  const without = quality.guides.filter((degree) => !degrees.includes(degree));
  const reading = {
    symbol: name + quality.suffix,
    rootSounds,
    ...(without.length ? { without } : {}),
    degrees,
  };
  const lowest = pitchClass(notes[0]!) as number;
  return lowest === root || !rootSounds ? reading : { ...reading, bass: ROOTS[lowest]! };
}
