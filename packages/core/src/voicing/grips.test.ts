/** What families give in the hand, against what every player knows. */
import { chord, degreeNames, noteNames, shape } from '../testing/builders';
import { defaultGuitar, defaultKeyboard, defaultVoicingSettings, rooms } from './data';
import { enumerateVoicings } from './enumerate';
import type { FamilyId, Voicing, VoicingSettings } from './base/types';

const voicings = (
  symbol: string,
  family: FamilyId,
  change: Partial<VoicingSettings> = {},
): Voicing[] =>
  enumerateVoicings(chord(symbol), { ...defaultVoicingSettings, families: [family], ...change });
const shapes = (...of: Parameters<typeof voicings>): string[] =>
  voicings(...of).map((v) => shape(v));
const spelled = (...of: Parameters<typeof voicings>): string[] => voicings(...of).map(noteNames);

describe('drop forms of Cmaj7 under a B (arithmetic)', () => {
  const keys = { instrument: defaultKeyboard };
  it.each([
    ['close', 'C E G B', 0],
    ['drop2', 'G C E B', 2],
    ['drop3', 'E C G B', 1],
    ['drop24', 'C G E B', 0],
  ] as const)('%s is %s', (family, notes, inversion) => {
    const found = voicings('Cmaj7', family, keys).filter((voicing) => noteNames(voicing) === notes);
    expect(found.length).toBeGreaterThan(0);
    for (const voicing of found) expect(voicing.inversion).toBe(inversion);
  });

  it('drop 2 and 3 lowers both middle voices: E G C B', () => {
    expect(spelled('Cmaj7', 'drop23', keys)).toContain('E G C B');
  });

  it('each has four inversions and names them by the bass', () => {
    for (const family of ['close', 'drop2', 'drop3', 'drop24', 'drop23'] as const) {
      const all = voicings('Cmaj7', family, keys);
      const byBass = new Map(all.map(({ notes, inversion }) => [notes[0]!.degree, inversion]));
      expect([...byBass].sort()).toEqual([
        ['3', 1],
        ['5', 2],
        ['7', 3],
        ['R', 0],
      ]);
    }
  });
});

describe('grips that every player knows (common practice)', () => {
  it.each([
    ['A7', 'shell', '5x56xx'],
    ['D7', 'shell', 'x545xx'],
    ['Amaj7', 'shell', '5x66xx'],
    ['Dmaj7', 'shell', 'x546xx'],
    ['Am7', 'shell', '5x55xx'],
    ['Dm7', 'shell', 'x535xx'],
    ['E7', 'shell', 'x767xx'],
    ['Cmaj7', 'drop2', 'x3545x'],
    ['Am7', 'drop3', '5x555x'],
    ['G7', 'drop3', '3x343x'],
    ['Dm7', 'drop2', 'xx0211'],
    ['C', 'spread', 'xx(10)(12)x(12)'],
    ['G', 'spread', 'xx9x8(10)'],
    ['Dm', 'spread', 'xx7x6(10)'],
  ] as const)('%s in %s is among others %s', (symbol, family, grip) => {
    expect(shapes(symbol, family)).toContain(grip);
  });
});

describe('sixth-chord cells slid down a whole step become a rootless ninth (arithmetic)', () => {
  it.each([
    ['3 6 R', '9 5 b7'],
    ['6 R 3', '5 b7 9'],
    ['R 3 6', 'b7 9 5'],
  ])('E6 (%s) becomes E9 (%s)', (sixth, ninth) => {
    const anywhere = { bottom: 'free', strings: ['321', '432', '543', '654'] } as const;
    const cells = voicings('E6', 'cell', anywhere).filter(
      (voicing) => degreeNames(voicing) === sixth,
    );
    const ninths = voicings('E9', 'cell', anywhere).filter(
      (voicing) => degreeNames(voicing) === ninth,
    );
    const places = new Set(ninths.map((voicing) => shape(voicing)));
    const moved = cells
      .filter(({ notes }) => notes.every(({ fret = 0 }) => fret > 2))
      .map((voicing) => ({
        ...voicing,
        notes: voicing.notes.map((note) => ({ ...note, fret: note.fret! - 2 })),
      }));
    expect(moved.length).toBeGreaterThan(3);
    for (const voicing of moved) expect(places).toContain(shape(voicing));
  });
});

describe('blues cells (common practice)', () => {
  it.each(['5 b7 3', 'b7 R 5', 'R 3 b7', '3 5 R', '3 b7 9'])(
    '%s is a cell of a dominant',
    (cell) => {
      expect(voicings('A7', 'cell').map(degreeNames)).toContain(cell);
    },
  );
});

describe('rootless forms start on the third or on the seventh (common practice)', () => {
  const keys = { instrument: defaultKeyboard };
  it.each([
    ['G13', '3 13 b7 9'],
    ['G13', 'b7 9 3 13'],
    ['Cmaj7', '3 5 7 9'],
    ['Cmaj7', '7 9 3 13'],
    ['Dm7', 'b3 5 b7 9'],
    ['Dm7', 'b7 9 b3 5'],
    ['G7(b9,b13)', 'b7 b9 3 b13'],
  ])('%s has %s', (symbol, degrees) => {
    expect(voicings(symbol, 'rootless', keys).map(degreeNames)).toContain(degrees);
  });

  it('never holds the root', () => {
    for (const voicing of voicings('G13', 'rootless', keys)) {
      expect(degreeNames(voicing).split(' ')).not.toContain('R');
    }
  });
});

describe('in fourths', () => {
  it.each(['Dm7', 'Cmaj7', 'G13', 'Fm7b5'])(
    '%s: every step is a fourth, perfect or augmented',
    (symbol) => {
      const all = voicings(symbol, 'quartal');
      expect(all.length).toBeGreaterThan(0);
      for (const { notes } of all) {
        notes.slice(1).forEach((note, at) => {
          expect([5, 6]).toContain(note.midi - notes[at]!.midi);
        });
      }
    },
  );

  it('of Dm7 are among others D G C F (arithmetic)', () => {
    expect(spelled('Dm7', 'quartal')).toContain('D G C F');
  });
});

describe('block chords read a chord as a sixth chord (common practice)', () => {
  it.each([
    ['Am7', 'C E G A'],
    ['C6', 'C E G A'],
    ['Dm7b5', 'F Ab C D'],
    ['G7', 'D F A B'],
  ])('%s is played as %s', (symbol, notes) => {
    const sets = spelled(symbol, 'block', { instrument: defaultKeyboard }).map((s) =>
      s.split(' ').sort(),
    );
    expect(sets).toContainEqual(notes.split(' ').sort());
  });
});

describe('tension exchange', () => {
  it('puts 9 in the place of R, and 13 in that of 5, where they are available', () => {
    const tensions = 'available' as const;
    const sets = voicings('Cmaj7', 'drop2', { tensions }).map((v) =>
      degreeNames(v).split(' ').sort().join(' '),
    );
    expect([...new Set(sets)].sort()).toEqual(['13 3 7 9', '13 3 7 R', '3 5 7 9', '3 5 7 R']);
  });
  it('leaves guide tones where they are', () => {
    for (const voicing of voicings('C7', 'drop3', { tensions: 'available' })) {
      expect(degreeNames(voicing).split(' ')).toEqual(expect.arrayContaining(['3', 'b7']));
    }
  });
});

describe('the room', () => {
  it('alone allows roots; with bass they are left to it and the register rises', () => {
    const alone = voicings('Dm7', 'shell');
    const withBass = voicings('Dm7', 'shell', { room: rooms.bass });
    expect(alone.every((voicing) => degreeNames(voicing).startsWith('R'))).toBe(true);
    expect(withBass.length).toBeGreaterThan(0);
    for (const voicing of withBass) {
      expect(degreeNames(voicing)).not.toContain('R');
      expect(voicing.notes[0]!.midi).toBeGreaterThanOrEqual(rooms.bass.window.low);
    }
  });

  it('beside another chording instrument no voicing has more than three notes', () => {
    for (const family of ['drop2', 'rootless', 'colour'] as const) {
      const all = voicings('G13', family, { room: rooms['bass and chords'] });
      expect(all.length).toBeGreaterThan(0);
      for (const { notes } of all) expect(notes.length).toBeLessThanOrEqual(3);
    }
  });

  it('says on a partial form what the full one has besides, and keeps the guide tones', () => {
    const all = voicings('Cmaj7', 'shell+', { room: rooms['bass and chords'] });
    expect(all.length).toBeGreaterThan(0);
    for (const { notes, without } of all) {
      expect(without).toContain('R');
      const degrees = notes.map(({ degree }) => degree);
      expect(degrees).toEqual(expect.arrayContaining(['3', '7']));
    }
  });
});

describe('guitars of other kinds', () => {
  const eight = { ...defaultGuitar, tuning: [30, 35, 40, 45, 50, 55, 59, 64] };
  const four = { ...defaultGuitar, tuning: [50, 55, 59, 64] };
  it('eight strings have the grips of six and more', () => {
    const six = shapes('A7', 'shell');
    const low = { instrument: eight, strings: ['643', '543', '764', '876'] };
    const more = voicings('A7', 'shell', low).map((v) => shape(v, 8));
    for (const grip of six) expect(more).toContain(`xx${grip}`);
    expect(more.length).toBeGreaterThan(six.length);
  });
  it('the four upper strings alone have those that use no others', () => {
    const six = shapes('Dm7', 'drop2').filter((grip) => grip.startsWith('xx'));
    const less = voicings('Dm7', 'drop2', { instrument: four }).map((v) => shape(v, 4));
    expect(less.map((grip) => `xx${grip}`).sort()).toEqual(six.sort());
  });
  it('a capo at the second fret turns the shape of G into A', () => {
    const capo = { ...defaultGuitar, capo: 2 };
    expect(shapes('A7', 'shell', { instrument: capo })).toContain('3x34xx');
  });
  it('dropped D lays the root of D7 on the open sixth string', () => {
    const dropped = { ...defaultGuitar, tuning: [38, 45, 50, 55, 59, 64] };
    const all = voicings('D7', 'shell', {
      instrument: dropped,
      strings: ['654'],
      room: { ...rooms.alone, window: { low: 36, high: 79 } },
    });
    expect(
      all.map((v) => v.notes.map(({ string, fret }) => `${string}:${fret}`).join(' ')),
    ).toContain('6:0 5:3 4:4');
  });
});
