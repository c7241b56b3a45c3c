/**
 * A phrase as it is typed: notes with their octave, each with its length, rests, apart by spaces.
 * Lengths: `s` sixteenth, `t` eighth of a triplet, `e` eighth (also where nothing is said), `q` quarter, `h` half,
 * `w` whole, with a point half as long again; `r` is a rest. Bar lines `|` may stand anywhere and say nothing.
 */
import { fail, ok, type Result } from '../../base/result';
import { midi, ticks, type Ticks } from '../../base/units';
import { NATURAL_PITCH_CLASS, type Letter } from '../../pitch/data';
import { pitchName } from '../../voicing/base/pitchName';
import type { SoloNote } from '../solo/types';

const LENGTHS = { s: 120, t: 160, e: 240, q: 480, h: 960, w: 1920 } as const;
type LengthSign = keyof typeof LENGTHS;

/** Every length that can be written, the longest first. */
const WRITTEN: readonly (readonly [sign: string, length: number])[] = (
  Object.entries(LENGTHS) as [LengthSign, number][]
)
  .flatMap(([sign, length]): [string, number][] =>
    sign === 't'
      ? [[sign, length]]
      : [
          [sign, length],
          [`${sign}.`, length * 1.5],
        ],
  )
  .sort((a, b) => b[1] - a[1]);

const TOKEN = /^(?:r|([A-G])([#b]*)(\d))([steqhw]?)(\.?)$/;
const VELOCITY = 84;

/** Pitches below and above which no note of a phrase is meant. */
const [LOWEST, HIGHEST] = [28, 108];

/**
 * Reads the notes of a phrase, from the beginning of its first bar.
 * @returns the notes and how long it all is, rests at the end counted; or a sentence that says what is wrong and where
 * @example readNotes('C4q').ok // true
 * @example readNotes('H4').ok // false
 */
export function readNotes(
  text: string,
): Result<{ readonly notes: readonly SoloNote[]; readonly length: Ticks }, string> {
  const notes: SoloNote[] = [];
  let at = 0;
  const tokens = text.split(/\s+/).filter((token) => token && token !== '|');
  for (const [position, token] of tokens.entries()) {
    const match = TOKEN.exec(token);
    if (!match) return fail(`“${token}”, number ${position + 1}: ${WANTED}`);
    const [, letter, accidentals = '', octave, sign, point] = match;
    const plain = LENGTHS[(sign || 'e') as LengthSign];
    const length = point ? plain * 1.5 : plain;
    if (letter !== undefined) {
      const pitch =
        12 * (Number(octave) + 1) + NATURAL_PITCH_CLASS[letter as Letter] + shiftOf(accidentals);
      if (pitch < LOWEST || pitch > HIGHEST) {
        return fail(
          `“${token}”, number ${position + 1}: write notes from ${pitchName(LOWEST)} to ${pitchName(HIGHEST)}.`,
        );
      }
      const note = { midi: midi(pitch), at: ticks(at), length: ticks(length), velocity: VELOCITY };
      notes.push(note);
    }
    at += length;
  }
  if (!notes.length) return fail('Write at least one note, as Bb4q.');
  return ok({ notes, length: ticks(at) });
}

const WANTED =
  'a note is a letter with its octave and length, as Bb4q, a rest is r with its length. Lengths are s, t, e, q, h, w.';

const shiftOf = (accidentals: string): number =>
  Array.from(accidentals).reduce((sum, sign) => sum + (sign === '#' ? 1 : -1), 0);

/** Notes nearer to the grid of sixteenths, or of triplets, than this are written on it. */
const GRID = 40;

/**
 * The text of a phrase that was played or taken from a line: one note at a time, on the nearest grid, each ending
 * where the next begins at the latest.
 * @param notes from the beginning of the first bar
 */
export function writeNotes(notes: readonly SoloNote[]): string {
  const tokens: string[] = [];
  let end = 0;
  const rising = [...notes].sort((a, b) => a.at - b.at);
  for (const [position, note] of rising.entries()) {
    const at = onGrid(note.at);
    if (at < end) continue;
    tokens.push(...restsFor(at - end));
    const next = rising[position + 1];
    const most = next ? Math.max(120, onGrid(next.at) - at) : Infinity;
    const length = Math.min(onGrid(note.length) || 120, most);
    const [sign, written] = WRITTEN.find(([, each]) => each <= length) ?? ['s', 120];
    tokens.push(`${pitchName(note.midi)}${sign === 'e' ? '' : sign}`);
    end = at + written;
  }
  return tokens.join(' ');
}

function onGrid(time: number): number {
  const sixteenth = Math.round(time / 120) * 120;
  const triplet = Math.round(time / 160) * 160;
  return Math.abs(sixteenth - time) <= Math.abs(triplet - time) + GRID ? sixteenth : triplet;
}

function restsFor(length: number): string[] {
  const rests: string[] = [];
  for (let left = length; ;) {
    const found = WRITTEN.find(([, each]) => each <= left);
    if (!found) return rests;
    rests.push(`r${found[0] === 'e' ? '' : found[0]}`);
    left -= found[1];
  }
}
