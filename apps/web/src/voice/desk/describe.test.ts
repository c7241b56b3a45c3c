import {
  connect,
  defaultKeyboard,
  defaultSettings,
  parseChord,
  type Chord,
} from '@drop-close/core';
import { changeInWords, easeOf, voicingName } from './describe';

const chords = (symbols: string): Chord[] =>
  symbols.split(' ').flatMap((symbol) => {
    const result = parseChord(symbol);
    return result.ok ? [result.value] : [];
  });
const solved = (symbols: string) => {
  const settings = {
    ...defaultSettings,
    instrument: defaultKeyboard,
    families: ['close' as const],
  };
  const outcome = connect(chords(symbols), settings);
  if (outcome.status !== 'found') throw new Error(outcome.why);
  return outcome;
};

it('explains a change from the top voice down', () => {
  const { path, changes } = solved('Dm7 G7');
  const words = changeInWords(changes[0]!, path[0]!, path[1]!);
  expect(words).toContain('F held (♭3 to ♭7)');
  expect(words).toContain('D held (R to 5)');
  expect(words).toContain('C falls a half step to B (♭7 to 3)');
  expect(words).toContain('A falls a whole step to G (5 to R)');
});

it('says it shortly when nothing moves', () => {
  const { path, changes } = solved('Dm7 Dm7');
  expect(changeInWords(changes[0]!, path[0]!, path[1]!)).toBe('every voice held');
});

it('names what enters, and a rest', () => {
  const more = solved('C Cmaj9');
  expect(changeInWords(more.changes[0]!, more.path[0]!, more.path[1]!)).toContain('enters');
  const { changes, path } = solved('C N.C. C');
  expect(changeInWords(changes[0]!, path[0]!, path[1]!)).toBe('every voice stops');
  expect(changeInWords(changes[1]!, path[1]!, path[2]!)).toBe('every voice enters');
});

it('names a voicing and how it lies', () => {
  const [voicing] = solved('Dm7').path;
  expect(voicingName(voicing!)).toMatch(/^close, (root position|(first|second|third) inversion)$/);
  expect(easeOf(voicing!)).toBe('easy');
});
