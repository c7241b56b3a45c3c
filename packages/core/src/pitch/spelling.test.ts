import { midi } from '../base/units';
import {
  octaveOf,
  parseNote,
  pitchClassOf,
  plainSpelling,
  prettyNote,
  spellFrom,
} from './spelling';

describe('note names', () => {
  it.each([
    ['C', 0],
    ['Bb', 10],
    ['F#', 6],
    ['Cb', 11],
    ['B#', 0],
    ['F##', 7],
    ['Abb', 7],
  ])('%s has pitch class %i (arithmetic)', (name, pc) => {
    expect(pitchClassOf(name)).toBe(pc);
  });

  it.each(['H', 'b', 'Bb#', 'Cbbbbb', '', 'c'])('"%s" is not a note name', (name) => {
    expect(parseNote(name)).toBeUndefined();
  });

  it('spells a third two letters up, whatever accidental that asks for', () => {
    expect(spellFrom('Eb', 2, 3)).toBe('Gb');
    expect(spellFrom('D#', 2, 4)).toBe('F##');
    expect(spellFrom('Gb', 2, 3)).toBe('Bbb');
    expect(spellFrom('B', 4, 7)).toBe('F#');
  });

  it('offers the plain enharmonic only for double accidentals', () => {
    expect(plainSpelling('Bbb')).toBe('A');
    expect(plainSpelling('F##')).toBe('G');
    expect(plainSpelling('Ebb')).toBe('D');
    expect(plainSpelling('Cb')).toBe('Cb');
    expect(plainSpelling('F#')).toBe('F#');
  });

  it('shows real flats and sharps to a reader', () => {
    expect(prettyNote('Bb')).toBe('B♭');
    expect(prettyNote('F##')).toBe('F♯♯');
  });

  it('puts middle C in octave 4 (ISO 16 numbering)', () => {
    expect(octaveOf(midi(60))).toBe(4);
    expect(octaveOf(midi(59))).toBe(3);
  });
});
