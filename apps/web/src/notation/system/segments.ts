import {
  noteInKey,
  staffStep,
  type PartMeasure,
  type ScoreMeasure,
  type ScoreVoice,
  type WrittenNote,
} from '@drop-close/core';
import { numberWidth, symbolWidth } from '../../ui/textWidth';

/** The least room of a note or rest, of a chord, of a sign before a note, of a slash, and between two symbols, in pixels of medium size. */
const MOMENT = 15;
const CHORD = 20;
const SIGN = 12;
const SLASH = 22;
const BETWEEN_SYMBOLS = 7;
/** A head that stands beside another, as seconds do; and a dot after a head. */
const HEAD = 11;
const DOT = 8;
/** Signs of notes so many steps from each other stand over one another. Source: common practice of engraving. */
const CLEAR_OF_SIGN = 6;
/** In ticks. */
const WHOLE = 1920;

/** What a bar holds from one of its chords to the next. */
export interface Segment {
  /** Where it begins, in ticks from the beginning of the bar. */
  readonly at: number;
  /** What it needs so that no note lies on the next, in pixels of medium size. */
  readonly notes: number;
  /** The same so that its symbol does not lie on the next one either. */
  readonly room: number;
}

/** What a moment needs so that its notes do not lie on the next, in pixels of medium size. */
interface MomentRoom {
  /** In ticks from the beginning of the bar. */
  readonly at: number;
  /** Before the heads of its notes: signs. */
  readonly before: number;
  readonly room: number;
}

/** A bar from chord to chord. */
export interface BarSegments {
  /** What stands before its first note, in pixels of medium size. */
  readonly before: number;
  readonly segments: readonly Segment[];
}

/** @param symbolOf how a symbol is written */
export function segmentsOf(
  measure: ScoreMeasure,
  { voices }: PartMeasure,
  key: string,
  symbolOf: (symbol: string) => string,
): BarSegments {
  const over = new Map<number, number>(
    measure.chords.map(({ at, chord, number = '' }) => {
      const wide = Math.max(symbolWidth(symbolOf(chord.symbol)), numberWidth(number));
      return [at, wide + BETWEEN_SYMBOLS];
    }),
  );
  const under = voices.length ? voices.map((voice) => roomsOf(voice, key)) : [slashesOf(measure)];
  const starts = [...new Set([0, ...over.keys()])].sort((a, b) => a - b);
  const segments = starts.map((at, index) => {
    const until = starts[index + 1] ?? Infinity;
    const notes = Math.max(...under.map((rooms) => fromTo(rooms, at, until)));
    return { at, notes, room: Math.max(over.get(at) ?? 0, notes) };
  });
  return { before: Math.max(...under.map(([first]) => first?.before ?? 0)), segments };
}

/** From the first head of some moments to the first one after them. */
function fromTo(rooms: readonly MomentRoom[], at: number, until: number): number {
  const own = rooms.filter((each) => at <= each.at && each.at < until);
  const next = rooms.find((each) => each.at >= until);
  const signs = [...own.slice(1), ...(next ? [next] : [])];
  return (
    own.reduce((sum, { room }) => sum + room, 0) +
    signs.reduce((sum, { before }) => sum + before, 0)
  );
}

function roomsOf({ moments }: ScoreVoice, key: string): MomentRoom[] {
  const inForce = new Map(
    Array.from('CDEFGAB', (letter) => [letter, noteInKey(letter, key).slice(1)]),
  );
  return moments.map(({ at, notes, value }) => {
    const signed = notes.filter(({ note, tiedFrom }) => {
      const [letter, sign] = [note.charAt(0), note.slice(1)];
      const isSigned = (inForce.get(letter) ?? '') !== sign && !tiedFrom;
      inForce.set(letter, sign);
      return isSigned;
    });
    const steps = notes.map(stepOfNote).sort((a, b) => a - b);
    const isDisplaced = steps.some((step, index) => steps[index + 1] === step + 1);
    const least = notes.length > 1 ? CHORD : MOMENT;
    const room = least + value.dots * DOT + (isDisplaced ? HEAD : 0);
    return { at, before: signsOf(signed) * SIGN, room };
  });
}

const stepOfNote = ({ note, midi }: WrittenNote): number => staffStep(note, midi);

/** How many signs stand beside one another before a chord: those of notes near each other do. */
function signsOf(signed: readonly WrittenNote[]): number {
  const columns: { highest: number; wide: number }[] = [];
  const rising = [...signed].sort((one, other) => stepOfNote(one) - stepOfNote(other));
  for (const each of rising) {
    const step = stepOfNote(each);
    // A natural is a sign too, and a double flat is two.
    const wide = Math.max(1, each.note.length - 1);
    const free = columns.find(({ highest }) => step - highest >= CLEAR_OF_SIGN);
    if (free) Object.assign(free, { highest: step, wide: Math.max(free.wide, wide) });
    else columns.push({ highest: step, wide });
  }
  return columns.reduce((sum, { wide }) => sum + wide, 0);
}

/** The moments of a bar of slashes, one a beat, in ticks. */
export function beatsOf({ meter, length }: Pick<ScoreMeasure, 'meter' | 'length'>): number[] {
  const beats = Math.max(1, Math.round(length / (WHOLE / meter.unit)));
  return Array.from({ length: beats }, (_, beat) => (length / beats) * beat);
}

const slashesOf = (measure: ScoreMeasure): MomentRoom[] =>
  beatsOf(measure).map((at) => ({ at, before: 0, room: SLASH }));
