import { unstorableIn } from './storable';

describe('text that cannot be stored', () => {
  it.each([
    ['Night\u0000boat', 5, 'NUL'],
    ['a\u001bb', 1, 'control character U+001B'],
    ['\u007f', 0, 'control character U+007F'],
    ['C\ud834', 1, 'half a character, U+D834'],
    ['\udd1e C', 0, 'half a character, U+DD1E'],
    ['𝄋 \udd1e', 3, 'half a character, U+DD1E'],
  ])('%j: its first such character', (text, index, name) => {
    expect(unstorableIn(text)).toEqual({ index, name });
  });

  it.each(['', '| Dm7\t| G7 |\r\n| C |', 'E♭ 𝄋 𝄪', 'Ærø – łódź – 夜の船', '\u200f\u00ad'])(
    '%j holds none',
    (text) => {
      expect(unstorableIn(text)).toBeUndefined();
    },
  );
});
