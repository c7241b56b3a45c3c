import { moveSymbol } from '../chord/moveSymbol';
import type { PitchedChord } from '../chord/types';
import { pitchClass } from '../base/units';
import type { PitchRange } from '../voicing/base/types';
import type { Under } from './harmoniseTypes';
import type { Part } from './parts';
import { sixthAndDiminished, type SixthAndDiminished } from './sixth';

/**
 * Block chords under a line, one for each note of it: the sixth chord under its tones, the diminished one
 * under the notes between, and what belongs to neither is slid in: the chord of the next note a half step
 * off, or where that is not a half step away, the note alone. Source: common practice.
 * @param line MIDI notes
 * @param under what the player chooses note by note; a choice that a note does not allow is passed over
 */
export function harmonise(
  chord: PitchedChord,
  line: readonly number[],
  under: readonly Under[] = [],
): Part[] {
  const reading = sixthAndDiminished(chord);
  return line.map((note, at): Part => {
    const alone: Part = {
      symbol: chord.symbol,
      madeFrom: { kind: 'notes', midis: [note] },
    };
    const own = reading && symbolUnder(reading, note);
    const block: Part | undefined =
      own === undefined ? undefined : { symbol: own, families: ['block'], tops: [note] };
    const slid = reading && slidInto(reading, note, line[at + 1]);
    switch (under[at] ?? 'by itself') {
      case 'alone':
        return alone;
      case 'slid':
        return slid ?? block ?? alone;
      case 'diminished':
      case 'by itself':
        return block ?? slid ?? alone;
    }
  });
}

/** The chord of the next note, slid into it from a half step off; none where the note is not a half step away. */
function slidInto(
  reading: SixthAndDiminished,
  note: number,
  next: number | undefined,
): Part | undefined {
  if (next === undefined || Math.abs(note - next) !== 1) return undefined;
  const under = symbolUnder(reading, next);
  if (under === undefined) return undefined;
  const by = note - next;
  const symbol = moveSymbol(under, { letterSteps: by, semitones: by });
  return { symbol, madeFrom: { kind: 'slide', of: 'after', by } };
}

function symbolUnder({ sixth, diminished }: SixthAndDiminished, note: number): string | undefined {
  return [sixth, diminished].find(({ classes }) => classes.includes(pitchClass(note)))?.symbol;
}

/** How far a run keeps from the top of the register, so that it is no strain to hear. */
const HEADROOM = 2;

/**
 * So many notes up or down the eight-note scale of a chord, in the upper part of a register, with a chord
 * tone first.
 */
export function scaleRun(
  { sixth, diminished }: SixthAndDiminished,
  { low, high }: PitchRange,
  notes: number,
  direction: 1 | -1,
): number[] {
  const classes = [...sixth.classes, ...diminished.classes];
  const scale = Array.from({ length: high - HEADROOM - low + 1 }, (_, at) => high - HEADROOM - at)
    .filter((pitch) => classes.includes(pitchClass(pitch)))
    .slice(0, notes + 1);
  const begins = scale.findIndex((pitch) => sixth.classes.includes(pitchClass(pitch)));
  const falling = scale.slice(begins, begins + notes);
  if (direction < 0) return falling;
  const rising = [...scale].reverse();
  const from = rising.findIndex((pitch) => sixth.classes.includes(pitchClass(pitch)));
  return rising.slice(from, from + notes);
}
