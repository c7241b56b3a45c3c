import { parseChord } from '../chord/parseChord';
import type { Chord, PitchedChord } from '../chord/types';
import { familyOf } from '../voicing/families';
import type { FamilyId, Voicing } from '../voicing/types';

/** One-line builders for tests. */
export function chord(symbol: string): PitchedChord {
  const result = parseChord(symbol);
  if (!result.ok || result.value.kind !== 'chord') throw new Error(`${symbol} is no chord`);
  return result.value;
}

export const chords = (symbols: string): Chord[] =>
  symbols.split(' ').map((symbol) => {
    const result = parseChord(symbol);
    if (!result.ok) throw new Error(result.problem.message);
    return result.value;
  });

/** Strings 6 to 1 as players write them: `5x56xx`; frets above nine in brackets. */
export function shape(voicing: Voicing, strings = 6): string {
  return Array.from({ length: strings }, (_, index) => {
    const fret = voicing.notes.find((note) => note.string === strings - index)?.fret;
    if (fret === undefined) return 'x';
    return fret > 9 ? `(${fret})` : String(fret);
  }).join('');
}

export const noteNames = (voicing: Voicing): string =>
  voicing.notes.map((note) => note.note).join(' ');

export const degreeNames = (voicing: Voicing): string =>
  voicing.notes.map((note) => note.degree).join(' ');

/** The stacks of a family as `R 3 5 7`, with heights. */
export const stacksOf = (symbol: string, family: FamilyId): string[] =>
  familyOf(family)
    .stacks(chord(symbol))
    .map((stack) => stack.tones.map((tone) => `${tone.degree}:${tone.height}`).join(' '));
