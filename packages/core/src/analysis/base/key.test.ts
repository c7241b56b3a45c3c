import { pitchClass } from '../../base/units';
import { keyDistance, keyOf, keysFrom, noteInKey, signatureOf, tonicName } from './key';

describe('keys', () => {
  it.each([
    ['C', 'major', 0],
    ['Db', 'major', -5],
    ['F#', 'major', 6],
    ['Gb', 'major', -6],
    ['A', 'minor', 0],
    ['Eb', 'minor', -6],
    ['G#', 'minor', 5],
  ] as const)('%s %s has a signature of %i sharps (common practice)', (tonic, mode, sharps) => {
    expect(signatureOf(tonic, mode)).toBe(sharps);
  });
  it.each([
    ['C', 'C D E F G A B'],
    ['F', 'C D E F G A Bb'],
    ['Em', 'C D E F# G A B'],
    ['Ab', 'C Db Eb F G Ab Bb'],
    ['C#m', 'C# D# E F# G# A B'],
    ['Gb', 'Cb Db Eb F Gb Ab Bb'],
    ['F#', 'C# D# E# F# G# A# B'],
  ])('have their signature on every letter: %s is %s (common practice)', (key, notes) => {
    expect(Array.from('CDEFGAB', (letter) => noteInKey(letter, key)).join(' ')).toBe(notes);
  });
  it('are named with the fewest accidentals: at most six', () => {
    for (const key of keysFrom(pitchClass(0))) {
      for (const sharps of [true, false]) {
        expect(Math.abs(signatureOf(tonicName(key, sharps), key.mode))).toBeLessThanOrEqual(6);
      }
    }
  });
  it.each([
    ['C', 'Am', 0],
    ['C', 'G', 1],
    ['C', 'Cm', 3],
    ['C', 'F#', 6],
    ['Bb', 'D', 4],
  ])('%s and %s lie %3$i steps apart on the circle of fifths', (a, b, steps) => {
    expect(keyDistance(keyOf(a), keyOf(b))).toBe(steps);
    expect(keyDistance(keyOf(b), keyOf(a))).toBe(steps);
  });
  it('are counted from any pitch, all 24 of them', () => {
    const keys = keysFrom(pitchClass(5));
    expect(keys[0]).toEqual({ tonic: 5, mode: 'major' });
    expect(new Set(keys.map(({ tonic, mode }) => `${tonic} ${mode}`)).size).toBe(24);
  });
});
