import { chorusOf, type Chorus } from '../arrangement/chorus/chorus';
import { parseChart } from '../chart/parseChart';
import { parseChord } from '../chord/parseChord';
import type { Degree } from '../chord/degrees';
import type { Chord, PitchedChord } from '../chord/types';
import { defaultVoicingSettings } from '../voicing/data';
import { familyOf } from '../voicing/families';
import { familyStacks } from '../voicing/familyStacks';
import { materialOf } from '../voicing/base/material';
import type { DegreeStack, FamilyId, Voicing, VoicingSettings } from '../voicing/base/types';

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

/** A chorus of so many chords, two a bar, with nothing said of its form. */
export function chorusOfChords(symbols: string): Chorus {
  const text = symbols ? `| ${symbols.replace(/(\S+ \S+) /g, '$1 | ')} |` : '';
  return chorusOf(parseChart(text).chart);
}

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

/** The stacks of a family over a chord, under the default settings or what is changed of them. */
export function stacks(
  symbol: string,
  family: FamilyId,
  change: Partial<VoicingSettings> = {},
): DegreeStack[] {
  const { of } = familyOf(family);
  if (of.kind !== 'stacks') throw new Error(`${family} stacks freely`);
  return familyStacks(of, materialOf(chord(symbol), { ...defaultVoicingSettings, ...change }));
}

const BODY = 'R 2 b3 3 4 b5 5 #5 6 bb7 b7 7'.split(' ');

/**
 * Those of them that are to be heard while no bass plays: all that the symbol writes sounds (of alt either
 * altered ninth), and no 9, 11 or 13 is lowest.
 */
export function wholeStacks(symbol: string, family: FamilyId): DegreeStack[] {
  const { essential, colours } = chord(symbol);
  const { everyDegree } = familyOf(family);
  const plain = essential.filter((degree) => !chord(symbol).guideTones.includes(degree));
  return stacks(symbol, family).filter(({ tones }) => {
    const has = (degree: Degree): boolean => tones.some((tone) => tone.degree === degree);
    const colour = symbol.includes('alt')
      ? colours.some(has) || !colours.length
      : colours.every(has);
    const stands = everyDegree ?? BODY.includes(tones[0]!.degree);
    return plain.every(has) && colour && stands;
  });
}

/** The same as `R:0 3:4 5:7`, with heights above the root. */
export const stacksOf = (
  symbol: string,
  family: FamilyId,
  change: Partial<VoicingSettings> = {},
): string[] =>
  stacks(symbol, family, change).map(({ tones }) =>
    tones.map((tone) => `${tone.degree}:${tone.height}`).join(' '),
  );
