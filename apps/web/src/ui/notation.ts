import {
  SYMBOL_STYLES,
  pitchName,
  plainSpelling,
  prettyNote,
  styleSymbol,
  type NoteName,
  type Writing,
} from '@drop-close/core';
import { prettyText } from './symbol';

/** Notes and symbols as the player likes them written. */
export interface Notation {
  readonly note: (name: NoteName) => string;
  /** The note itself as the player reads it: without double flats and sharps unless they are wanted. */
  readonly spell: (name: NoteName) => NoteName;
  readonly symbol: (symbol: string) => string;
  /** A pitch with its octave: 58 is "B♭3". */
  readonly pitch: (midi: number) => string;
  /** Names of keys and scales, `Eb`, `F#m` or `Bb major from F`: every letter in them is a note. */
  readonly name: (name: string) => string;
  /** Sentences in which notes, keys and chords are named, `ii–V–I in F major`: other letters in them may be sections. */
  readonly sentence: (text: string) => string;
}

const IN_NAME = /(?<![\w♭♯])[A-G][b#♭♯]?(?=m?(?:[\s,)]|$))/g;
/** What is joined to a letter makes it a chord, or another word. */
const ALONE = '(?<![\\w♭♯/])';
const ENDS = '(?![\\w#♭♯Δ°ø(+–/])';
/** Sections go by letters too: "A again", "ii–V into B", "rhythm-type A section". */
const NO_SECTION = '(?<!\\binto )';
const NOR_SECTION = '(?! (?:section|again|but|up|down)\\b)';
/** The letter A may begin a sentence as a word. */
const A_AS_NOTE =
  'A(?=[,.;:)]|$| and | to | belongs | [A-Z]| (?:major|minor|melodic|harmonic|blues|pentatonic)|(?<=\\b(?:from|of|on|over|along|in) A))';
const IN_SENTENCE = new RegExp(
  `${NO_SECTION}${ALONE}(?:[A-G][b#♭♯]{1,2}|[B-G]|${A_AS_NOTE})${ENDS}${NOR_SECTION}`,
  'g',
);

export function notationOf({ symbols, notes, plain }: Writing): Notation {
  const read = (name: string): string =>
    prettyNote(name.replace('♭', 'b').replace('♯', '#'), notes);
  const spell = (name: NoteName): NoteName => (plain ? plainSpelling(name) : name);
  const named =
    (where: RegExp) =>
    (text: string): string =>
      prettyName(text.replace(where, (name) => read(name)));
  const inSentence = named(IN_SENTENCE);
  return {
    spell,
    note: (name) => prettyNote(spell(name), notes),
    pitch: (midi) => pitchName(midi).replace(/^[A-G][b#]?/, (name) => prettyNote(name, notes)),
    name: named(IN_NAME),
    sentence: (text) => prettyText(inSentence(text)),
    symbol: (symbol) =>
      symbols === 'as typed' ? symbol : styleSymbol(symbol, SYMBOL_STYLES[symbols]),
  };
}

/** Numbers and degrees with real accidentals: `bVII7` is "♭VII7", `subV7/bVI` is "subV7/♭VI". */
export const prettyNumber = (text: string): string =>
  text.replace(/(?<![a-z])b(?=[IViv\d])/g, '♭').replaceAll('#', '♯');

/** Names of keys and scales: `Eb Mixolydian b9` is "E♭ Mixolydian ♭9". */
export const prettyName = (text: string): string =>
  text
    .replace(/\b([A-G])b(?=m?(?:\s|$))/g, '$1♭')
    .replace(/\b([A-G])#(?=m?(?:\s|$))/g, '$1♯')
    .replace(/b(?=\d)/g, '♭')
    .replace(/#(?=\d)/g, '♯');

/** A pitch with its octave: `Bb3` is "B♭3". */
export const prettyPitch = (pitch: number): string =>
  pitchName(pitch).replace('b', '♭').replace('#', '♯');
