import { parseChord } from '../chord/parseChord';
import type { PitchedChord } from '../chord/types';
import { pitchClass, type PitchClass } from '../base/units';
import { pitchClassOf } from '../pitch/spelling';
import { defaultGuitar, defaultKeyboard } from './data';
import type { Voicing } from './base/types';
import type { PlayedNote } from './instruments/played';
import { readPlayed } from './sheet/readPlayed';
import { CHROMATIC, stepped, type Steps } from './stepped';

const scaleOf = (notes: string): PitchClass[] =>
  notes.split(' ').map((note) => pitchClass(pitchClassOf(note)));

function voicing(symbol: string, played: readonly PlayedNote[], keys = true): Voicing {
  const chord = parseChord(symbol);
  if (!chord.ok) throw new Error(symbol);
  const read = readPlayed(
    chord.value as PitchedChord,
    played,
    keys ? defaultKeyboard : defaultGuitar,
  );
  if (!read.ok) throw new Error(read.problem);
  return read.value.voicing;
}
const onKeys = (symbol: string, ...pitches: number[]): Voicing =>
  voicing(
    symbol,
    pitches.map((pitch) => ({ pitch })),
  );
/** Frets of strings 5, 4, 3 and 2. */
const onStrings = (symbol: string, ...frets: number[]): Voicing =>
  voicing(
    symbol,
    frets.map((fret, at) => ({ string: 5 - at, fret })),
    false,
  );

const NAMES = 'C C# D Eb E F F# G Ab A Bb B'.split(' ');
const names = (made: Voicing | undefined): string =>
  made ? made.notes.map(({ midi }) => NAMES[midi % 12]).join('-') : 'none';

/** F6 and the diminished seventh of its dominant. */
const F6 = scaleOf('F G A Bb C Db D E');
const C6 = scaleOf('C D E F G Ab A B');

describe('one note held and the rest moved (arithmetic)', () => {
  // Dm7 as D A C F, holding its fifth.
  const dm7 = onKeys('Dm7', 50, 57, 60, 65);
  it.each([
    [1, 'E-A-C#-G'],
    [2, 'F-A-D-A'],
    [-1, 'C#-A-Bb-E'],
  ])('by %i steps is %s', (by, expected) => {
    expect(names(stepped(dm7, { scale: F6, by, hold: '5' }, defaultKeyboard))).toBe(expected);
  });
  it('comes back to where it was', () => {
    const back = stepped(dm7, { scale: F6, by: 0, hold: '5' }, defaultKeyboard);
    expect(back?.notes.map(({ midi }) => midi)).toEqual([50, 57, 60, 65]);
  });
});

it('C6 in drop 2 on strings 5-2 climbs as G C E A, Ab D F B, A E G C, B F Ab D (arithmetic)', () => {
  const c6 = onStrings('C6', 10, 10, 9, 10);
  const rows = [0, 1, 2, 3].map((by) => stepped(c6, { scale: C6, by }, defaultGuitar));
  expect(rows.map(names)).toEqual(['G-C-E-A', 'Ab-D-F-B', 'A-E-G-C', 'B-F-Ab-D']);
  for (const row of rows) {
    expect(row!.notes.map(({ string }) => string)).toEqual([5, 4, 3, 2]);
  }
});

it('the sevenths of E flat rise in drop 2 with tops Ab Bb C D, all of one inversion (arithmetic)', () => {
  const scale = scaleOf('Eb F G Ab Bb C D');
  const fm7 = onKeys('Fm7', 51, 60, 65, 68);
  const rows = [0, 1, 2, 3].map((by) => stepped(fm7, { scale, by }, defaultKeyboard));
  // Eb C F Ab is Fm7 from its seventh; then Gm7, Abmaj7 and Bb7 from theirs.
  expect(rows.map(names)).toEqual(['Eb-C-F-Ab', 'F-D-G-Bb', 'G-Eb-Ab-C', 'Ab-F-Bb-D']);
});

describe('what cannot be moved', () => {
  const dm7 = onKeys('Dm7', 50, 57, 60, 65);
  const none = (steps: Steps): void => {
    expect(stepped(dm7, steps, defaultKeyboard)).toBeUndefined();
  };
  it('is what has a note outside the scale', () => {
    none({ scale: scaleOf('D E F# G A B C#'), by: 1 });
  });
  it('is what has not the voice that is named', () => {
    none({ scale: F6, by: 1, hold: '11' });
    none({ scale: CHROMATIC, by: 1, only: ['13'] });
  });
  it('is what has the voice that is named somewhere else', () => {
    none({ scale: F6, by: 1, hold: '5', voice: 'top' });
    none({ scale: F6, by: 1, hold: '5', voice: 'lowest' });
    const third = stepped(dm7, { scale: F6, by: 1, hold: '5', voice: 'third' }, defaultKeyboard);
    expect(third?.notes.map(({ midi }) => midi)).toEqual([52, 57, 61, 67]);
  });
  it('is a voice that would meet or cross the one that is held', () => {
    const close = onKeys('C6', 60, 64, 67, 69);
    const crossed = stepped(close, { scale: C6, by: 2, hold: '6' }, defaultKeyboard);
    expect(crossed).toBeUndefined();
  });
  it('is a grip that would pass the nut', () => {
    const low = onStrings('C7', 3, 2, 3, 1);
    expect(stepped(low, { scale: CHROMATIC, by: -2 }, defaultGuitar)).toBeUndefined();
    expect(names(stepped(low, { scale: CHROMATIC, by: 2 }, defaultGuitar))).toBe('D-F#-C-D');
  });
});

it('one voice walks alone', () => {
  const dm7 = onKeys('Dm7', 50, 57, 60, 65);
  const walked = stepped(dm7, { scale: CHROMATIC, by: -1, only: ['b7'] }, defaultKeyboard);
  expect(walked?.notes.map(({ midi }) => midi)).toEqual([50, 57, 59, 65]);
});
