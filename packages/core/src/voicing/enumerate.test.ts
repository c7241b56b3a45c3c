import { chord, degreeNames, shape } from '../testing/builders';
import { defaultGuitar, defaultKeyboard, defaultVoicingSettings, rooms } from './data';
import { REST, enumerateVoicings, enumeratorOf, rangeOf, voicingKey } from './enumerate';
import { FAMILY_IDS, type VoicingSettings } from './base/types';

const settings = (change: Partial<VoicingSettings>): VoicingSettings => ({
  ...defaultVoicingSettings,
  ...change,
});

describe('many chords at once', () => {
  it('gives a chord that comes back the very same list', () => {
    const voicings = enumeratorOf(settings({ families: ['drop2'] }));
    const first = voicings(chord('Dm7'));
    expect(voicings(chord('Dm7'))).toBe(first);
    expect(voicings(chord('Em7'))).not.toBe(first);
  });

  it.each(FAMILY_IDS)('moves what was found for one root to another: %s', (family) => {
    const of = settings({ families: [family], instrument: { ...defaultGuitar, frets: 14 } });
    const together = enumeratorOf(of);
    together(chord('C7'));
    for (const symbol of ['Gb7', 'A7']) {
      const moved = together(chord(symbol)).map(voicingKey);
      expect(moved).toEqual(enumerateVoicings(chord(symbol), of).map(voicingKey));
      expect(new Set(moved).size).toBe(moved.length);
    }
  });

  it('gives N.C. its rest', () => {
    const voicings = enumeratorOf(settings({}));
    expect(voicings({ kind: 'no chord', symbol: 'N.C.', tones: [] })).toEqual([REST]);
  });
});

describe('several families', () => {
  it('follow one another as they were chosen, and no grip comes twice', () => {
    const all = enumerateVoicings(
      chord('Cmaj7'),
      settings({ families: ['drop2', 'rootless', 'shell'] }),
    );
    const order = [...new Set(all.map(({ family }) => family))];
    expect(order).toEqual(['drop2', 'rootless', 'shell']);
    const keys = all.map(voicingKey);
    expect(new Set(keys).size).toBe(keys.length);
  });
});

describe('a bass after the slash (common practice: whoever is lowest plays it)', () => {
  const bassNote = (symbol: string, change: Partial<VoicingSettings>): string[] => [
    ...new Set(
      enumerateVoicings(chord(symbol), settings(change)).map(({ notes }) => notes[0]!.note),
    ),
  ];

  it.each(['shell', 'close', 'drop2', 'drop3', 'spread', 'rootless'] as const)(
    'stands under every voicing while nobody plays bass: %s',
    (family) => {
      expect(bassNote('Am7/G', { families: [family], instrument: defaultKeyboard })).toEqual(['G']);
    },
  );

  it('is put there where the chord does not have it', () => {
    expect(bassNote('C/D', { families: ['close'], instrument: defaultKeyboard })).toEqual(['D']);
  });

  it('is left to a bass that plays', () => {
    const notes = bassNote('Am7/G', { families: ['drop2'], room: rooms.bass });
    expect(notes.length).toBeGreaterThan(1);
  });
});

describe('the key of a voicing', () => {
  it('tells strings and frets apart, and hands on keys', () => {
    const [grip] = enumerateVoicings(chord('A7'), settings({ families: ['shell'] })).filter(
      (voicing) => shape(voicing) === '5x56xx',
    );
    expect(voicingKey(grip!)).toBe('6:5 4:5 3:6');
    const keys = settings({ families: ['close'], instrument: defaultKeyboard });
    expect(voicingKey(enumerateVoicings(chord('C'), keys)[0]!)).toMatch(/^l\d+ l\d+ l\d+$/);
  });
});

it('knows how far an instrument goes, a capo counted', () => {
  expect(rangeOf(defaultGuitar)).toEqual({ low: 40, high: 84 });
  expect(rangeOf({ ...defaultGuitar, capo: 3 })).toEqual({ low: 43, high: 84 });
  expect(rangeOf(defaultKeyboard)).toEqual({ low: 21, high: 108 });
});

describe('the free pool', () => {
  it('always holds the guide tones, and doubles no tone', () => {
    const all = enumerateVoicings(chord('C7alt'), settings({ families: ['colour'] }));
    for (const voicing of all) {
      const degrees = degreeNames(voicing).split(' ');
      expect(degrees).toEqual(expect.arrayContaining(['3', 'b7']));
      expect(new Set(degrees).size).toBe(degrees.length);
      expect(degrees.length).toBeGreaterThanOrEqual(3);
      expect(degrees.length).toBeLessThanOrEqual(5);
    }
  });
});
