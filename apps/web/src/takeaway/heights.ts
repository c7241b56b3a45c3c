import { ROW } from '../notation/system/remarks';
import { midi as pitchOf, stepsUnder, type Score, type ScorePart } from '@drop-close/core';

/** From staff to staff of one system, in pixels. */
export const BETWEEN_STAVES = 96;
const STAFF = 42;
/** Over and under the staves: notes need more of both than slashes, and low ones more still. */
const ROOM = { slashes: { over: 56, under: 12 }, notes: { over: 84, under: 40 } } as const;
/** Numbers under the staves take so much more. */
const NUMBERS = 24;

const roomOf = ({ measures }: Pick<ScorePart, 'measures'>) =>
  measures.some(({ voices }) => voices.length) ? ROOM.notes : ROOM.slashes;

/** From the top of a system to its first staff. @param rows of words over its bars, at the most */
export const overStaves = (part: Pick<ScorePart, 'measures'>, rows = 1): number =>
  roomOf(part).over + Math.max(0, rows - 1) * ROW;

/** From a line of a staff to the next space, in pixels. */
const STEP = 5;
/** What a notehead takes under its middle, and a row of degrees under that, in pixels. */
const NOTEHEAD = 8;
const DEGREES = 20;

/**
 * How high a system of a part is in medium size, chords and sections over it and numbers under it included.
 * @param rows of words over its bars, at the most
 */
export function systemHeight(part: HeightOf, numbers = false, rows = 1): number {
  const staves = (part.staves.length - 1) * BETWEEN_STAVES + STAFF;
  const under = Math.max(roomOf(part).under, underLowest(part)) + (numbers ? NUMBERS : 0);
  return overStaves(part, rows) + staves + under;
}

type HeightOf = Pick<ScorePart, 'staves' | 'measures' | 'writtenAbove'>;

/** What the lowest note of the last staff needs under it, with its degree if it has one, in pixels. */
function underLowest({ staves, measures, writtenAbove }: HeightOf): number {
  const last = staves.length - 1;
  const clef = staves[last];
  if (clef === undefined || clef === 'tab') return 0;
  const notes = measures
    .flatMap(({ voices }) => voices.filter(({ staff }) => staff === last))
    .flatMap(({ moments }) => moments.flatMap((moment) => moment.notes));
  const depths = notes.map(({ midi, note, degree }) => {
    const steps = stepsUnder({ note, midi: pitchOf(midi + writtenAbove) }, clef);
    return steps * STEP + NOTEHEAD + (degree === undefined ? 0 : DEGREES);
  });
  return Math.max(0, ...depths);
}

export const hasNumbers = ({ measures }: Pick<Score, 'measures'>): boolean =>
  measures.some(({ chords }) => chords.some(({ number }) => number !== undefined));
