import { readNoteNames } from './noteNames';

describe('names of notes as they are typed', () => {
  it('are read with spaces or commas, in small letters, with signs', () => {
    expect(readNoteNames('c Eb, G♭  a#')).toEqual({
      notes: ['C', 'Eb', 'Gb', 'A#'],
      problem: undefined,
    });
    expect(readNoteNames('do mi♭ sol').notes).toEqual(['C', 'Eb', 'G']);
    expect(readNoteNames('  ')).toEqual({ notes: [], problem: undefined });
  });
  it('say which of them is none', () => {
    expect(readNoteNames('C X').problem).toBe(
      '“X” is no note: a letter A to G or a syllable do to si, with b or #.',
    );
    expect(readNoteNames('C Eb#').problem).toMatch('“Eb#”');
  });
});
