/**
 * What is written sounds: in every family, on both instruments, in all rooms. And what a player asks for:
 * how many voices, which strings, what is lowest, one guide tone left out.
 */
import { chord, degreeNames, noteNames, shape } from '../testing/builders';
import { defaultGuitar, defaultKeyboard, defaultVoicingSettings, rooms } from './data';
import { enumerateVoicings } from './enumerate';
import { familyOf } from './families';
import { FAMILY_IDS, type FamilyId, type Voicing, type VoicingSettings } from './base/types';
import { stringSetOf, stringsIn } from './base/stringSet';
import { whyNoVoicing } from './whyNone';

const settings = (family: FamilyId, change: Partial<VoicingSettings> = {}): VoicingSettings => ({
  ...defaultVoicingSettings,
  instrument: defaultKeyboard,
  families: [family],
  ...change,
});
const voicings = (symbol: string, family: FamilyId, change?: Partial<VoicingSettings>): Voicing[] =>
  enumerateVoicings(chord(symbol), settings(family, change));
const named = (symbol: string, family: FamilyId, change?: Partial<VoicingSettings>): string[] => [
  ...new Set(voicings(symbol, family, change).map(noteNames)),
];
const withBass = { room: rooms.bass };

describe('a written colour takes the place of its neighbour (common practice)', () => {
  it('G7#11 rootless is B F C#, with A or E', () => {
    const found = named('G7#11', 'rootless', withBass);
    for (const notes of ['B F C#', 'B C# F A', 'F A B C#', 'B C# E F'])
      expect(found).toContain(notes);
    for (const notes of found) expect(notes).toContain('C#');
  });
  it('G13b9 rootless is F Ab B E', () => {
    const found = named('G13b9', 'rootless', withBass);
    expect(found).toContain('F Ab B E');
    for (const notes of found) expect(notes).toMatch(/Ab/);
  });
  it('C7#9 rootless is E Bb D#', () => {
    expect(named('C7#9', 'rootless', withBass)).toContain('E Bb D#');
  });
  it('B7b13 is not voiced with a b9 in its place', () => {
    for (const family of ['rootless', 'shell+', 'colour'] as const) {
      for (const voicing of voicings('B7b13', family, { tensions: 'available' })) {
        expect(degreeNames(voicing).split(' ')).toContain('b13');
      }
    }
  });
  it('Cmaj9 has its ninth in rootless, shell+ and free colours', () => {
    for (const family of ['rootless', 'shell+', 'colour'] as const) {
      for (const notes of named('Cmaj9', family)) expect(notes).toMatch(/\bD\b/);
    }
  });
});

/** Every colour and alteration a symbol writes, of alt either ninth. */
const WRITTEN: Readonly<Record<string, readonly string[]>> = {
  'G7#11': ['#11'],
  Cmaj9: ['9'],
  'C7#9': ['#9'],
  B7b13: ['b13'],
  G13b9: ['b9', '13'],
  C13: ['13'],
  'Bbmaj7#11': ['#11'],
  Fm9: ['9'],
  Dm7b5: ['b5'],
  'Ab6/9': ['9'],
  'E7(b9,b13)': ['b9', 'b13'],
  'A9#11': ['9', '#11'],
  Ebm11: ['11'],
  F9sus4: ['9'],
};

it('in every family, instrument and room a chord has all it writes, or says what it leaves out (property)', () => {
  let tries = 0;
  let whole = 0;
  for (const [symbol, written] of Object.entries(WRITTEN)) {
    for (const family of FAMILY_IDS) {
      for (const instrument of [defaultGuitar, defaultKeyboard]) {
        for (const room of family === 'colour' ? [rooms.alone, rooms.bass] : Object.values(rooms)) {
          const found = voicings(symbol, family, { instrument, room });
          if (found.length) tries += 1;
          for (const { notes, without = [] } of found) {
            const missing = written.filter((each) => !notes.some(({ degree }) => degree === each));
            expect(without).toEqual(expect.arrayContaining(missing));
          }
          const least = Math.min(
            ...found.map(
              ({ without = [] }) =>
                written.filter((each) => without.some((gone) => gone === each)).length,
            ),
          );
          // What one form of the family holds, all of them do.
          if (!familyOf(family).everyDegree) {
            for (const { without = [] } of found) {
              expect(written.filter((each) => without.some((gone) => gone === each))).toHaveLength(
                least,
              );
            }
          }
          if (least === 0) whole += 1;
        }
      }
    }
  }
  expect(tries).toBeGreaterThan(1800);
  expect(whole).toBeGreaterThan(1000);
});

describe('how many voices', () => {
  it('four rootless voices of a ii–V–I in C, in both positions (common practice)', () => {
    const four = (symbol: string): string[] =>
      named(symbol, 'rootless', { ...withBass, voices: 4, tensions: 'available' });
    expect(four('Dm7')).toEqual(expect.arrayContaining(['F A C E', 'C E F A']));
    expect(four('G7')).toEqual(expect.arrayContaining(['F A B E', 'B E F A']));
    expect(four('Cmaj7')).toEqual(expect.arrayContaining(['E G B D', 'B D E G']));
  });
  it('exactly as many as are asked for, in every family that has them', () => {
    for (const voices of [2, 3, 4, 5, 6] as const) {
      for (const family of FAMILY_IDS) {
        for (const { notes } of voicings('C13', family, { voices }))
          expect(notes).toHaveLength(voices);
      }
    }
  });
  it('as few as tell the chord and what it writes', () => {
    const fewest = (symbol: string, family: FamilyId): string[] => [
      ...new Set(voicings(symbol, family, { voices: 'fewest' }).map(degreeNames)),
    ];
    expect(fewest('Cmaj7', 'drop2').sort()).toEqual(['3 7', '7 3']);
    for (const degrees of fewest('C7#9', 'colour')) {
      expect(degrees.split(' ').sort()).toEqual(['#9', '3', 'b7']);
    }
  });
  it('says why where a family has no such number', () => {
    expect(whyNoVoicing(chord('Cmaj7'), settings('shell', { voices: 5 }))).toMatch(
      /no form of shell has 5 voices/,
    );
  });
});

describe('which strings', () => {
  const sets = (
    symbol: string,
    family: FamilyId,
    change: Partial<VoicingSettings> = {},
  ): string[] => [
    ...new Set(voicings(symbol, family, { instrument: defaultGuitar, ...change }).map(stringSetOf)),
  ];
  it.each([
    ['shell', 'A7', ['643', '543']],
    ['drop2', 'Cmaj7', ['6543', '5432', '4321']],
    ['drop3', 'Cmaj7', ['6432', '5321']],
    ['drop24', 'Cmaj7', ['6532', '5421']],
    ['cell', 'A7', ['321']],
    ['guide', 'Cmaj7', ['43']],
  ] as const)('%s lives on its own (common practice)', (family, symbol, own) => {
    expect(sets(symbol, family).sort()).toEqual([...own].sort());
  });
  it('guide tones of Bb7 and Eb7 on 4-3 are x-x-6-7-x-x and x-x-5-6-x-x (common practice)', () => {
    const grips = (symbol: string) =>
      voicings(symbol, 'guide', { instrument: defaultGuitar }).map((voicing) => shape(voicing));
    expect(grips('Bb7')).toContain('xx67xx');
    expect(grips('Eb7')).toContain('xx56xx');
  });
  it('are those the player asks for', () => {
    expect(sets('A7', 'shell', { strings: ['654'] })).toEqual(['654']);
    expect(
      sets('Cmaj7', 'colour', { strings: ['5432'] }).every((set) =>
        stringsIn(set).every((string) => string >= 2 && string <= 5),
      ),
    ).toBe(true);
  });
  it('says why where they hold nothing', () => {
    const asked = settings('drop3', { instrument: defaultGuitar, strings: ['432'] });
    expect(whyNoVoicing(chord('Cmaj7'), asked)).toMatch(/no form of drop 3 lies on strings 4-3-2/);
  });
});

describe('what is lowest', () => {
  const lowest = (symbol: string, family: FamilyId, change: Partial<VoicingSettings>): string[] => [
    ...new Set(voicings(symbol, family, change).map(({ notes }) => notes[0]!.degree as string)),
  ];
  it('never a 9, 11 or 13 while no bass plays (common practice)', () => {
    for (const family of FAMILY_IDS.filter((id) => !familyOf(id).everyDegree)) {
      for (const room of [rooms.alone, rooms.singer]) {
        for (const degree of lowest('C13', family, { room, tensions: 'available' })) {
          expect(['R', '3', '5', 'b7']).toContain(degree);
        }
      }
    }
  });
  it('never the root where it is left to a bass; inside and on top it is welcome', () => {
    const found = voicings('Cmaj7', 'drop2', withBass);
    expect(found.map(({ notes }) => notes[0]!.degree)).not.toContain('R');
    expect(found.some(({ notes }) => notes.at(-1)!.degree === 'R')).toBe(true);
  });
  it('the root, or root or fifth, where the player asks for it', () => {
    expect(lowest('Cmaj7', 'drop2', { ...withBass, bottom: 'root' })).toEqual(['R']);
    expect(lowest('Cmaj7', 'drop2', { bottom: 'root or fifth' }).sort()).toEqual(['5', 'R']);
    expect(whyNoVoicing(chord('Cmaj7'), settings('rootless', { bottom: 'root' }))).toMatch(
      /no form of rootless has the root lowest/,
    );
  });
});

describe('one guide tone left out, on request (common practice)', () => {
  const open = { ...withBass, incomplete: true, tensions: 'available' } as const;
  it.each([
    ['F7(b9,#9)', 'Ab A F Gb'],
    ['Bbmaj9', 'A Bb F C'],
  ])('%s as %s', (symbol, notes) => {
    const strict = named(symbol, 'colour', { ...open, incomplete: false }).map((each) =>
      each.replace('G#', 'Ab'),
    );
    const found = named(symbol, 'colour', open).map((each) => each.replace('G#', 'Ab'));
    expect(found).toContain(notes);
    expect(strict).not.toContain(notes);
  });
});

describe('forms of two notes, and modal ones', () => {
  it('C7 in F major has seven stacks of fourths (arithmetic)', () => {
    const stacks = named('C7', 'modal', { voices: 3, bottom: 'free' });
    for (const notes of ['C F Bb', 'D G C', 'E A D', 'F Bb E', 'G C F', 'A D G', 'Bb E A']) {
      expect(stacks).toContain(notes);
    }
    // And as many of fifths.
    expect(new Set(stacks).size).toBe(14);
  });
  it('thirds of C Mixolydian: G Bb, F A, E G, D F, C E (common practice)', () => {
    const stops = named('C7', 'two');
    for (const notes of ['G Bb', 'F A', 'E G', 'D F', 'C E', 'C Bb', 'E Bb', 'Bb E']) {
      expect(stops).toContain(notes);
    }
  });
  it('a left hand has root with seventh, third and, where it reaches, tenth (common practice)', () => {
    const wide = { ...defaultKeyboard, reach: { left: 16, right: 14 } };
    expect(new Set(named('C7', 'left hand'))).toEqual(new Set(['C Bb', 'C E']));
    const tenths = voicings('C7', 'left hand', { instrument: wide }).filter(
      ({ notes }) => notes[1]!.midi - notes[0]!.midi === 16,
    );
    expect(tenths.length).toBeGreaterThan(0);
    for (const { notes } of tenths) expect(notes.map(({ hand }) => hand)).toEqual(['left', 'left']);
  });
});

it('has no open string in a grip above the fifth fret unless it is asked for (property)', () => {
  let asked = 0;
  for (const symbol of ['E7', 'Am7', 'Dmaj7', 'G13', 'Em7b5']) {
    for (const family of FAMILY_IDS) {
      const high = (openStrings: 'low' | 'anywhere') =>
        voicings(symbol, family, { instrument: defaultGuitar, openStrings }).filter(({ notes }) => {
          const frets = notes.map(({ fret = 0 }) => fret);
          return frets.includes(0) && Math.max(...frets) > 5;
        }).length;
      expect(high('low')).toBe(0);
      asked += high('anywhere');
    }
  }
  expect(asked).toBeGreaterThan(50);
});
