import { pitchClass, type Midi } from '../../base/units';
import { semitonesOf } from '../../chord/degrees';
import { nameNotes } from '../../chord/nameNotes';
import { tensionsOf } from '../../chord/tensions';
import type { PitchedChord } from '../../chord/types';
import { pitchClassOf } from '../../pitch/spelling';

/** One note names no chord. */
const FEWEST = 2;

/**
 * What somebody who plays a chord from memory has written: the chord that is asked for, where what is played holds its
 * guide tones and nothing foreign to it, else the best name of the notes.
 * Dm7 is recalled by F and C alone, its guide tones.
 * @returns nothing of a single note, or of notes that no chord has
 */
export function recallPlayed(asked: PitchedChord, pitches: readonly Midi[]): string | undefined {
  const sounding = new Set(pitches.map((each) => pitchClass(each)));
  if (sounding.size < FEWEST) return undefined;
  const root = pitchClassOf(asked.root);
  const at = (degree: PitchedChord['guideTones'][number]): number =>
    pitchClass(root + semitonesOf(degree));
  const own = new Set(
    [...asked.tones.map(({ degree }) => degree), ...(asked.tensions ?? tensionsOf(asked))].map(at),
  );
  if (asked.bass !== undefined) own.add(pitchClassOf(asked.bass));
  const isIt =
    asked.guideTones.every((degree) => sounding.has(pitchClass(at(degree)))) &&
    [...sounding].every((each) => own.has(each));
  return isIt ? asked.symbol : nameNotes(pitches)[0]?.symbol;
}
