import { midi, type Midi } from '../base/units';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { QUALITIES } from './data';
import { DEGREES, semitonesOf, type Degree } from './degrees';
import { nameNotes, type ChordReading } from './nameNotes';
import { otherNames, tritoneDegree } from './otherNames';

/** Notes upwards from the octave below middle C, each above the one before. */
function notes(names: string): Midi[] {
  let last = 47;
  return names.split(' ').map((name) => {
    last += ((pitchClassOf(name) - last - 1 + 120) % 12) + 1;
    return midi(last);
  });
}
const names = (text: string): string[] => nameNotes(notes(text)).map(({ symbol }) => symbol);
/** With root and guide tones. */
const sounding = (text: string): string[] =>
  nameNotes(notes(text)).flatMap(({ symbol, rootSounds, without }) =>
    rootSounds && !without ? [symbol] : [],
  );
const reading = (text: string, symbol: string): ChordReading =>
  nameNotes(notes(text)).find((each) => each.symbol === symbol)!;

describe('notes read back as chords (arithmetic)', () => {
  it('D F Ab C is Dm7b5 and Fm6; without D it is F minor', () => {
    expect(sounding('D F Ab C')).toEqual(['Dm7b5', 'Fm6']);
    expect(names('F Ab C')[0]).toBe('Fm');
    expect(names('F Ab C')).toContain('Dm7b5');
  });
  it('Ab6 and Fm7 are one set, the lowest note speaks first', () => {
    expect(sounding('Ab C Eb F')).toEqual(['Ab6', 'Fm7']);
    expect(sounding('F Ab C Eb')).toEqual(['Fm7', 'Ab6']);
  });
  it('G7(b9,b13) without its root is Fm7b5, F Ab Cb Eb, and the other way about', () => {
    expect(names('F Ab B Eb')).toEqual(expect.arrayContaining(['Fm7b5', 'G7(b9,b13)']));
    expect(reading('F Ab B Eb', 'G7(b9,b13)')).toEqual({
      symbol: 'G7(b9,b13)',
      rootSounds: false,
      degrees: ['b7', 'b9', '3', 'b13'],
    });
  });
  it('C E G A is C6 and Am7', () => {
    expect(sounding('C E G A')).toEqual(['C6', 'Am7']);
    expect(reading('C E G A', 'Am7')).toEqual({
      symbol: 'Am7',
      bass: 'C',
      rootSounds: true,
      degrees: ['b3', '5', 'b7', 'R'],
    });
  });
  it('a diminished seventh has four roots', () => {
    expect(sounding('C Eb Gb A')).toEqual(['Cdim7', 'Ebdim7', 'F#dim7', 'Adim7']);
  });
  it.each([
    ['B Eb Gb A', 'B7'],
    ['C D Gb A', 'D7'],
    ['C Eb F A', 'F7'],
    ['C Eb Gb Ab', 'Ab7'],
  ])('Cdim7 with one note lowered, %s, is %s on that note', (text, symbol) => {
    expect(sounding(text)).toContain(symbol);
  });
  it.each([
    ['Db Eb Gb A', 'Ebm7b5'],
    ['C E Gb A', 'F#m7b5'],
    ['C Eb G A', 'Am7b5'],
    ['C Eb Gb Bb', 'Cm7b5'],
  ])('Cdim7 with one note raised, %s, is %s', (text, symbol) => {
    expect(sounding(text)).toContain(symbol);
  });
});

describe('sets without one of the guide tones are named too (arithmetic)', () => {
  it.each([
    ['Bb B G Ab', 'G7(b9,#9)', ['b7'], true],
    ['B C G D', 'Cmaj9', ['3'], true],
    ['A B F# G', 'Cmaj13(#11)', ['3'], false],
  ] as const)('%s is %s without its %j', (text, symbol, without, rootSounds) => {
    const found = reading(text, symbol);
    expect(found.without).toEqual(without);
    expect(found.rootSounds).toBe(rootSounds);
  });

  it('but not where the root has a whole name already: C E G is no C7', () => {
    expect(names('C E G')).not.toContain('C7');
    expect(names('C E G')[0]).toBe('C');
  });

  it('any three to six notes that some chord holds have a name, and that chord reads them so', () => {
    let sets = 0;
    for (let bits = 1; bits < 4096; bits += 2) {
      const heights = Array.from({ length: 12 }, (_, at) => at).filter((at) => bits & (1 << at));
      if (heights.length < 3 || heights.length > 6) continue;
      const held = HELD.some((tones) => heights.every((height) => tones.has(height)));
      if (!held) continue;
      sets += 1;
      for (const root of [0, 5]) {
        const played = heights.map((height) => midi(48 + ((height + root) % 12)));
        const [first] = nameNotes(played);
        expect(first).toBeDefined();
        const tones = chord(first!.symbol).tones.map(({ degree }) => degree);
        for (const degree of first!.degrees) expect(tones).toContain(degree);
      }
    }
    expect(sets).toBeGreaterThan(300);
  });
});

/** The pitches of some chords above each of their tones in turn. */
const HELD = 'C7(b9,#9,#11,b13) C13(b9,#9,#11) Cmaj13(#11) Cm13 C13sus4 Cdim7 Cm6/9'
  .split(' ')
  .flatMap((symbol) => {
    const heights = chord(symbol).tones.map(({ degree }) => semitonesOf(degree));
    return heights.map((from) => new Set(heights.map((height) => (height - from + 12) % 12)));
  });

describe('names that players expect', () => {
  it.each([
    ['C E', 'C'],
    ['C G', 'C5'],
    ['C E Bb', 'C7'],
    ['E G B', 'Em'],
    ['E G B D', 'Em7'],
    ['C E G B D', 'Cmaj9'],
    ['F# A C E', 'F#m7b5'],
    ['G F B E', 'G13'],
    ['C F G', 'Csus4'],
  ])('%s is %s first of all', (text, symbol) => {
    expect(names(text)[0]).toBe(symbol);
  });
  it('gives a single note, or one note doubled, no name', () => {
    expect(names('C')).toEqual([]);
    expect(nameNotes([midi(48), midi(60)])).toEqual([]);
  });
  it('takes notes in any order and doubled', () => {
    expect(nameNotes([midi(67), midi(48), midi(64), midi(60)])[0]?.symbol).toBe('C');
  });
  it('finds every chord of the vocabulary again from its own notes, on every root', () => {
    const whole = QUALITIES.filter(([spellings]) => !/no|alt/.test(spellings));
    for (const [spellings, tones] of whole) {
      const suffix = spellings.split(' ')[0] ?? '';
      for (const root of [0, 5]) {
        const degrees = tones.split(' ') as Degree[];
        const found = nameNotes(degrees.map((degree) => midi(48 + root + semitonesOf(degree))));
        const own = found.filter(({ rootSounds }) => rootSounds).map(({ symbol }) => symbol);
        expect(own.some((symbol) => symbol.replace(/^[A-G][b#]?/, '') === suffix)).toBe(true);
      }
    }
  });
});

describe('also reads as', () => {
  const other = (symbol: string): string[] =>
    otherNames(chord(symbol)).map(({ symbol: name, kind }) => `${name} ${kind}`);
  it('names the relative sixth, the chord it is the upper part of, and the tritone partner', () => {
    expect(other('Am7')).toEqual(
      expect.arrayContaining(['C6 same notes', 'Fmaj9 without its root']),
    );
    expect(other('Em7b5')).toEqual(
      expect.arrayContaining(['Gm6 same notes', 'C9 without its root']),
    );
    expect(other('A7')).toContain('Eb7 tritone partner');
    expect(other('Ebmaj7').join()).not.toContain('tritone');
  });
  it('says only what players say: no m7(b9) or maj9(#5) of a dominant, each set once, Gb6 for Ebm7', () => {
    expect(other('Bb7')).toEqual(['E7(b9,#11) without its root', 'E7 tritone partner']);
    expect(other('Ebm7')[0]).toBe('Gb6 same notes');
    expect(other('C7b9').join()).not.toContain('F#');
    expect(other('D7b9').join()).not.toContain('Gb');
    expect(other('Dm7b5').filter((name) => name.startsWith('E7'))).toEqual([
      'E7(b9,b13) without its root',
    ]);
  });
  it('names none that lacks a guide tone: F7 is no Cm13 and no rootless Ab13b9', () => {
    expect(other('F7').join()).not.toMatch(/Cm13|Ab13/);
    expect(other('F7')).toContain('B7 tritone partner');
  });
  it('relabels each note: Am7 read as C6', () => {
    const [first] = otherNames(chord('Am7'));
    expect(first?.notes).toEqual([
      { note: 'A', degree: 'R', becomes: '6' },
      { note: 'C', degree: 'b3', becomes: 'R' },
      { note: 'E', degree: '5', becomes: '3' },
      { note: 'G', degree: 'b7', becomes: '5' },
    ]);
  });
  it('moves every degree by one and the same interval, whatever the name', () => {
    for (const { notes: all } of [...otherNames(chord('C9')), ...otherNames(chord('Dm11'))]) {
      const moves = all.map(
        ({ degree, becomes }) => (semitonesOf(becomes) - semitonesOf(degree) + 12) % 12,
      );
      expect(new Set(moves).size).toBe(1);
    }
  });
  it.each([
    ['3', 'b7'],
    ['b7', '3'],
    ['5', 'b9'],
    ['b9', '5'],
    ['R', '#11'],
    ['#11', 'R'],
    ['9', 'b13'],
    ['b13', '9'],
    ['13', '#9'],
    ['#9', '13'],
  ] as const)('from A7 to Eb7 the %s becomes %s (arithmetic)', (from, to) => {
    expect(tritoneDegree(from)).toBe(to);
    expect((DEGREES[from].semitones + 6) % 12).toBe(DEGREES[to].semitones % 12);
  });
});
