import { readNoteNames } from './noteNames';

describe('names of notes as they are typed', () => {
  it('are read with spaces or commas, in small letters, with signs', () => {
    expect(readNoteNames('c Eb, G♭  a#')).toEqual({
      notes: ['C', 'Eb', 'Gb', 'A#'],
      problem: undefined,
    });
    expect(readNoteNames('  ')).toEqual({ notes: [], problem: undefined });
  });
  it('say which of them is none', () => {
    expect(readNoteNames('C H').problem).toBe('“H” is no note: a letter A to G, with b or #.');
    expect(readNoteNames('C Eb#').problem).toMatch('“Eb#”');
  });
});
