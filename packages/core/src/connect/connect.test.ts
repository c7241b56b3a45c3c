import fc from 'fast-check';
import { chord, chords, degreeNames, noteNames, shape } from '../testing/builders';
import { defaultGuitar, defaultKeyboard, rooms } from '../voicing/data';
import { enumerateVoicings, voicingKey } from '../voicing/enumerate';
import type { Voicing } from '../voicing/base/types';
import type { FamilyId } from '../voicing/base/types';
import { connect } from './connect';
import { defaultSettings } from './base/data';
import type { ConnectOutcome, ConnectSettings } from './base/types';

type Found = Extract<ConnectOutcome, { status: 'found' }>;

const settings = (change: Partial<ConnectSettings> = {}): ConnectSettings => ({
  ...defaultSettings,
  ...change,
});
const keys = (family: FamilyId, change: Partial<ConnectSettings> = {}): ConnectSettings =>
  settings({ instrument: defaultKeyboard, families: [family], ...change });

function found(symbols: string, with_: ConnectSettings): Found {
  const outcome = connect(chords(symbols), with_);
  if (outcome.status !== 'found') throw new Error(`${outcome.status}: ${outcome.why}`);
  return outcome;
}

describe('motions that follow from the chords (arithmetic)', () => {
  const families: FamilyId[] = ['close', 'drop2'];
  it.each(families)(
    'a major ii V I in %s moves 3 semitones, then 3, two voices held each time',
    (family) => {
      for (const with_ of [keys(family), settings({ families: [family] })]) {
        const { changes, motion } = found('Dm7 G7 Cmaj7', with_);
        expect(changes.map((change) => change.motion)).toEqual([3, 3]);
        expect(motion).toBe(6);
        for (const change of changes) {
          expect(change.voices.filter((voice) => voice.kind === 'held')).toHaveLength(2);
        }
      }
    },
  );

  it('lets the b7 of ii fall a half step to the 3 of V, and the b7 of V a half step to I', () => {
    const { path, changes } = found('Dm7 G7 Cmaj7', keys('drop2'));
    changes.forEach((change, index) => {
      const seventh = path[index]?.notes.findIndex((note) => note.degree === 'b7');
      const voice = change.voices.find(({ from }) => from === seventh);
      expect(voice).toMatchObject({ semitones: -1, kind: 'half step' });
      expect(path[index + 1]?.notes[voice?.to ?? 0]?.degree).toBe('3');
    });
  });

  it('lets the b7 of V fall a whole step to the b3 of a minor I', () => {
    const { path, changes } = found('G7 Cm7', keys('drop2'));
    const seventh = path[0]?.notes.findIndex((note) => note.degree === 'b7');
    expect(changes[0]?.voices.find(({ from }) => from === seventh)?.semitones).toBe(-2);
  });

  it('lets the b9 of V fall a half step to the 5 of I', () => {
    const { path, changes } = found('G7b9 Cmaj7', keys('drop2'));
    const ninth = path[0]?.notes.findIndex((note) => note.degree === 'b9');
    const voice = changes[0]?.voices.find(({ from }) => from === ninth);
    expect(voice?.semitones).toBe(-1);
    expect(path[1]?.notes[voice?.to ?? 0]?.degree).toBe('5');
  });

  it('goes round the diatonic fourths of a key with two voices held and two falling by step', () => {
    const { changes } = found('Cmaj7 Fmaj7 Bm7b5 Em7 Am7 Dm7 G7', keys('close'));
    for (const change of changes) {
      expect(
        change.voices.map((voice) => voice.kind).filter((kind) => kind === 'held'),
      ).toHaveLength(2);
      const falling = change.voices.filter(({ semitones }) => semitones === -1 || semitones === -2);
      expect(falling).toHaveLength(2);
    }
  });

  it.each([
    ['C Cm', 1],
    ['C Em', 1],
    ['C Am', 2],
  ])('%s moves %i in all (Cohn 1997, minimal triad moves)', (symbols, motion) => {
    expect(found(symbols, keys('close')).motion).toBe(motion);
  });
});

describe('on the instrument', () => {
  it('plays a ii V I in drop 2 in one position of the guitar', () => {
    const { path } = found('Dm7 G7 Cmaj7', settings());
    const frets = path.flatMap((voicing) => voicing.notes.map((note) => note.fret ?? 0));
    expect(Math.max(...frets) - Math.min(...frets)).toBeLessThanOrEqual(4);
  });

  it('pairs voices of unequal number so that the least moves, and says which end', () => {
    const { changes } = found('Cm(add9) C', keys('close'));
    const kinds = changes[0]?.voices.map((voice) => voice.kind);
    expect(kinds?.filter((kind) => kind === 'ends')).toHaveLength(1);
    expect(kinds).toHaveLength(4);
  });

  it('rests under no chord, at no cost', () => {
    const { path, changes } = found('C6 N.C. C6', keys('close'));
    expect(path[1]).toMatchObject({ family: 'rest', notes: [] });
    expect(changes.map((change) => change.motion)).toEqual([0, 0]);
    expect(path[0]).toEqual(path[2]);
  });

  it('gives an empty path for no chords', () => {
    expect(connect([], settings())).toMatchObject({ status: 'found', path: [], total: 0 });
  });
});

it('goes on from the open triad C 10-12-12 to the sounds of G 9-8-10 and Dm 7-6-10 (common practice)', () => {
  const with_ = settings({ families: ['spread'] });
  const gripped = (symbol: string, frets: string) =>
    enumerateVoicings(chord(symbol), with_).find((voicing) => shape(voicing) === frets)!;
  const played = [
    gripped('C', 'xx(10)(12)x(12)'),
    gripped('G', 'xx9x8(10)'),
    gripped('Dm', 'xx7x6(10)'),
  ];
  const { path } = found('C G Dm', { ...with_, locks: { 0: played[0]! } });
  const pitches = (voicing: { notes: readonly { midi: number }[] }): number[] =>
    voicing.notes.map(({ midi }) => midi);
  expect(path.map(pitches)).toEqual(played.map(pitches));
  // D minor lies as 7-10-10 on the neighbouring strings too, which is nearer to the hand.
  expect(path.map((voicing) => shape(voicing)).slice(0, 2)).toEqual(
    played.map((voicing) => shape(voicing)).slice(0, 2),
  );
});

describe('locks and the loop', () => {
  it('keeps a locked voicing and leads to it', () => {
    const all = enumerateVoicings(chord('G7'), settings());
    const locked = all.find((voicing) => shape(voicing) === '3x343x') ?? all[0]!;
    const { path } = found('Dm7 G7 Cmaj7', settings({ locks: { 1: locked } }));
    expect(path[1]).toBe(locked);
  });

  it('joins the last chord to the first when the chorus comes round', () => {
    const once = found('Cmaj7 Eb7 Abmaj7 G7', keys('drop2'));
    const round = found('Cmaj7 Eb7 Abmaj7 G7', keys('drop2', { loop: true }));
    expect(once.changes).toHaveLength(3);
    expect(round.changes).toHaveLength(4);
    expect(round.changes[3]).toMatchObject({ from: 3, to: 0 });
    expect(round.total).toBeGreaterThanOrEqual(once.total);
  });
});

describe('alternatives are ranked by what they cost the whole chorus', () => {
  const symbols = 'Cm7 F7 Bbmaj7 G7b9';
  it.each([false, true])(
    'each total equals a solve with that voicing forced (loop: %s)',
    (loop) => {
      const free = found(symbols, keys('drop2', { loop }));
      for (const index of [0, 1, 3]) {
        const alternatives = free.alternatives(index);
        expect(alternatives[0]).toMatchObject({ voicing: free.path[index], extra: 0 });
        expect(alternatives).toHaveLength(
          enumerateVoicings(chord(symbols.split(' ')[index] ?? ''), keys('drop2')).length,
        );
        for (const { voicing, total, extra } of alternatives) {
          const forced = found(symbols, keys('drop2', { loop, locks: { [index]: voicing } }));
          expect(forced.total).toBe(total);
          expect(extra).toBeCloseTo(total - free.total, 6);
        }
      }
    },
  );

  it.each([false, true])(
    'so it does on strings, where one sound lies in many grips and families mix (loop: %s)',
    (loop) => {
      const guitar = settings({ families: ['shell', 'drop2', 'drop3'], loop });
      const free = found(symbols, guitar);
      for (const index of [0, 2]) {
        const alternatives = free.alternatives(index, 30);
        expect(alternatives).toHaveLength(30);
        expect(new Set(alternatives.map(({ voicing }) => voicingKey(voicing))).size).toBe(30);
        for (const { voicing, total } of alternatives) {
          const forced = found(symbols, { ...guitar, locks: { [index]: voicing } });
          expect(forced.total).toBe(total);
        }
      }
    },
  );

  it('gives no more than asked, cheapest first', () => {
    const five = found(symbols, settings())
      .alternatives(2, 5)
      .map(({ extra }) => extra);
    expect(five).toHaveLength(5);
    expect(five).toEqual([...five].sort((a, b) => a - b));
  });
});

describe('other whole paths', () => {
  const symbols = 'Dm7 G7 Cmaj7 A7';
  /** What is heard, and where the hand stands for it. */
  const heardAt = ({ notes }: Voicing): string => {
    const frets = notes.flatMap(({ fret }) => (fret ? [fret] : []));
    return `${notes.map(({ midi }) => midi).join(' ')} at ${Math.min(...frets)}`;
  };
  it.each([false, true])(
    'begin with the path and differ in sound or place, the cheapest first (loop: %s)',
    (loop) => {
      const free = found(symbols, settings({ families: ['shell', 'drop2'], loop }));
      const rankedPaths = free.rankedPaths(20);
      expect(rankedPaths).toHaveLength(20);
      expect(rankedPaths[0]).toMatchObject({ path: free.path, extra: 0 });
      const totals = rankedPaths.map(({ total }) => total);
      expect(totals).toEqual([...totals].sort((a, b) => a - b));
      expect(new Set(rankedPaths.map(({ path }) => path.map(heardAt).join(', '))).size).toBe(20);
    },
  );
});

describe('what cannot be voiced is locksAndRules, with the chord and the limit that binds', () => {
  const infeasible = (symbols: string, with_: ConnectSettings) => {
    const outcome = connect(chords(symbols), with_);
    return outcome.status === 'infeasible' ? outcome : undefined;
  };
  it('names the hand', () => {
    const instrument = { ...defaultGuitar, hand: { comfortableMm: 5, limitMm: 10 } };
    const outcome = infeasible('C6 Ab7', settings({ instrument, families: ['guide'] }));
    expect(outcome?.at).toBe(1);
    expect(outcome?.why).toMatch(
      /^Ab7: the narrowest grip of guide tones needs 18 mm, and the hand's limit is 10 mm\.$/,
    );
  });
  it('names the register of the room, and the family that fits it', () => {
    const room = { ...rooms.alone, window: { low: 60, high: 66 } };
    expect(infeasible('C6 F7', keys('shell', { room }))?.why).toBe(
      "C6: no form of shell fits between C4 and Gb4, this room's register; two notes would do.",
    );
  });
  it('names the reach on keys', () => {
    const instrument = { ...defaultKeyboard, hands: 'one' as const, reach: { left: 3, right: 3 } };
    expect(infeasible('Cmaj7', keys('guide', { instrument }))?.why).toBe(
      "Cmaj7: every form of guide tones is wider than the hand's reach of 3 half steps; cell would do.",
    );
  });
  it('names a family that has no form for the chord', () => {
    expect(infeasible('C', keys('rootless'))?.why).toBe(
      'C: there is no form of rootless for this kind of chord; spread would do.',
    );
  });
  it('asks for a family where none is chosen', () => {
    expect(infeasible('Cmaj7', settings({ families: [] }))?.why).toBe(
      'Cmaj7: no family of voicings is chosen.',
    );
  });
});

it('reads as a player would write it down', () => {
  const { path } = found('Dm7 G7 Cmaj7', keys('close'));
  expect(path.map(noteNames)).toEqual(['A C D F', 'G B D F', 'G B C E']);
  expect(path.map(degreeNames)).toEqual(['5 b7 R b3', 'R 3 5 b7', '5 7 R 3']);
});

it('is deterministic: the same request gives the same path (seed 3)', () => {
  const quality = fc.constantFrom('maj7', '7', 'm7', 'm7b5', 'dim7', '6', 'm6', '7alt');
  const symbol = fc
    .tuple(fc.constantFrom('C', 'Eb', 'F#', 'A'), quality)
    .map((parts) => parts.join(''));
  fc.assert(
    fc.property(fc.array(symbol, { minLength: 2, maxLength: 5 }), fc.boolean(), (names, loop) => {
      const run = () => found(names.join(' '), settings({ loop, families: ['shell', 'guide'] }));
      expect(run().path.map(voicingKey)).toEqual(run().path.map(voicingKey));
    }),
    { numRuns: 15, seed: 3 },
  );
});
