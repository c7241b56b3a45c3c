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
  inversion: 1,
  tensionInBass: 5,
} as const;

interface Quality {
  readonly suffix: string;
  readonly degrees: readonly Degree[];
  readonly pitchOf: ReadonlyMap<number, Degree>;
  /** Guide tones and whatever else must be heard for the name to be told. */
  readonly needed: readonly Degree[];
  readonly points: number;
}

/** Omissions are no names of their own: a chord may lack its fifth anyway. */
const VOCABULARY: readonly Quality[] = QUALITIES.filter(([names]) => !names.includes('no'))
  // Alt leaves open which of its colours sound, so that other names tell more.
  .filter(([names]) => !names.includes('alt'))
  .map(([names, tones]) => {
    const degrees = tones.split(' ') as Degree[];
    const suspended = degrees.includes('4') || degrees.includes('2');
    const extensions = Math.max(0, degrees.length - 4);
    return {
      suffix: names.split(' ')[0] ?? '',
      degrees,
      pitchOf: new Map(degrees.map((degree) => [semitonesOf(degree), degree])),
      needed: degrees.filter((degree) => !mayLack(degree, degrees)),
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
 * without its root. Fewer than two different notes have none. Ties go to the lower root, from the bass
 * upwards, then to the simpler chord.
 * @param pitches MIDI notes in any order, doublings allowed
 * @example nameNotes([60, 64, 67, 69]).slice(0, 2).map((r) => r.symbol) // ['C6', 'Am7']
 */
export function nameNotes(pitches: readonly Midi[]): ChordReading[] {
  const notes = [...pitches].sort((a, b) => a - b);
  const bass = notes[0];
  const sounding = new Set(notes.map((note) => pitchClass(note) as number));
  if (bass === undefined || sounding.size < FEWEST) return [];
  const readings = Array.from({ length: 12 }, (_, step) => pitchClass(bass + step)).flatMap(
    (root) =>
      VOCABULARY.flatMap((quality) => {
        const points = pointsOf(quality, root, sounding, pitchClass(bass));
        if (points === undefined) return [];
        return [{ points, reading: readingOf(quality, root, notes, sounding) }];
      }),
  );
  return readings.sort((a, b) => a.points - b.points).map(({ reading }) => reading);
}

/** How far fetched the name is; `undefined` when it is none for these notes. */
function pointsOf(
  quality: Quality,
  root: number,
  sounding: ReadonlySet<number>,
  bass: number,
): number | undefined {
  const above = (pitch: number): number => pitchClass(pitch - root);
  const heard = new Set([...sounding].map(above));
  if ([...heard].some((semitones) => !quality.pitchOf.has(semitones))) return undefined;
  if (quality.needed.some((degree) => !heard.has(semitonesOf(degree)))) return undefined;
  const rootSounds = heard.has(0);
  if (!rootSounds && (heard.size < FEWEST_WITHOUT_ROOT || !quality.needed.length)) return undefined;
  let points = quality.points;
  for (const degree of quality.degrees) {
    if (heard.has(semitonesOf(degree))) continue;
    if (degree === 'R') points += POINTS.noRoot;
    else points += degree === '5' ? POINTS.noFifth : POINTS.noImplied;
  }
  const lowest = quality.pitchOf.get(above(bass));
  if (rootSounds && lowest !== 'R') {
    const chordTone = lowest !== undefined && /^(?:b?3|[b#]?5|b*7|6)$/.test(lowest);
    points += chordTone ? POINTS.inversion : POINTS.tensionInBass;
  }
  return points;
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
  const reading = { symbol: name + quality.suffix, rootSounds, degrees };
  const lowest = pitchClass(notes[0]!) as number;
  return lowest === root || !rootSounds ? reading : { ...reading, bass: ROOTS[lowest]! };
}
