import fc from 'fast-check';
import { chord, degreeNames, shape } from '../../testing/builders';
import { defaultGuitar, defaultKeyboard, defaultVoicingSettings, rooms } from '../data';
import { enumerateVoicings } from '../enumerate';
import { FAMILY_IDS, type FamilyId, type Voicing, type VoicingSettings } from '../base/types';
import { browseFamily } from './browse';
import type { DerivationStep } from './derivation';
import { deriveVoicing } from './derive';
import { easeReason } from './easeReason';
import { easierForms } from './easierForms';
import type { PlayedNote } from '../instruments/played';
import { readPlayed } from './readPlayed';

const settings = (family: FamilyId, change: Partial<VoicingSettings> = {}): VoicingSettings => ({
  ...defaultVoicingSettings,
  families: [family],
  ...change,
});
const voicings = (symbol: string, ...of: Parameters<typeof settings>): Voicing[] =>
  enumerateVoicings(chord(symbol), settings(...of));
/** The one guitar voicing with these frets. */
const grip = (symbol: string, family: FamilyId, frets: string): Voicing => {
  const found = voicings(symbol, family).find((voicing) => shape(voicing) === frets);
  if (!found) throw new Error(`${symbol} has no ${frets}`);
  return found;
};
const notesOf = ({ notes }: DerivationStep): string => notes.map(({ note }) => note).join(' ');

describe('how a voicing comes about', () => {
  it('drop 2 is close position, counted from the top, its second voice an octave lower (arithmetic)', () => {
    const keys = { instrument: defaultKeyboard };
    const voicing = voicings('Cmaj7', 'drop2', keys).find(
      ({ notes }) => notes[0]!.midi === 55 && notes[0]!.note === 'G',
    )!;
    const steps = deriveVoicing(chord('Cmaj7'), voicing);
    expect(steps.map(({ kind }) => kind)).toEqual(['chord', 'close', 'drop']);
    expect(steps.map(notesOf)).toEqual(['C E G B', 'C E G B', 'G C E B']);
    expect(steps[1]!.notes.map(({ count }) => count)).toEqual([4, 3, 2, 1]);
    expect(steps[2]!.words).toBe('The second voice (5) falls an octave.');
    const fallen = steps[2]!.notes.find(({ mark }) => mark === 'falls')!;
    expect([fallen.pitch, steps[1]!.notes.find(({ count }) => count === 2)!.pitch]).toEqual([
      55, 67,
    ]);
  });

  it('tells what stands in for what, and what is left out', () => {
    const tensions = 'available' as const;
    const voicing = voicings('Cmaj7', 'drop3', { tensions }).find(
      (each) => degreeNames(each) === '3 9 13 7' || degreeNames(each) === '13 3 7 9',
    )!;
    const words = deriveVoicing(chord('Cmaj7'), voicing).map((step) => step.words);
    expect(words).toContain('9 stands for R; 13 stands for 5.');
    const shell = deriveVoicing(chord('A7'), grip('A7', 'shell', '5x56xx'));
    expect(shell.map((step) => step.words)).toEqual([
      'The chord, stacked from its root.',
      '5 is left out.',
      'Root, third and seventh: three strings or one hand.',
    ]);
  });

  it('writes flats and sharps as signs', () => {
    const words = deriveVoicing(chord('G7(b9)'), voicings('G7(b9)', 'rootless')[0]!).map(
      (s) => s.words,
    );
    expect(words.join(' ')).not.toMatch(/b9|b7/);
  });

  it('ends, whatever the family and the room, with the very notes of the voicing (property, seed 4)', () => {
    const symbol = fc.constantFrom(
      'Cmaj7',
      'F7',
      'Bbm7',
      'Em7b5',
      'G13',
      'A7alt',
      'Eb6',
      'Dm',
      'B7sus4',
    );
    const room = fc.constantFrom(rooms.alone, rooms.bass, rooms['bass and chords']);
    const pick = fc.tuple(symbol, fc.constantFrom(...FAMILY_IDS), room, fc.nat());
    let checked = 0;
    fc.assert(
      fc.property(pick, ([name, family, where, at]) => {
        const all = voicings(name, family, { room: where, instrument: defaultKeyboard });
        const voicing = all[at % Math.max(1, all.length)];
        if (!voicing) return;
        const last = deriveVoicing(chord(name), voicing).at(-1)!;
        const left = last.notes.filter(({ mark }) => mark !== 'left out');
        expect(left.map(({ pitch }) => pitch)).toEqual(voicing.notes.map((note) => note.midi));
        checked += 1;
      }),
      { numRuns: 150, seed: 4 },
    );
    expect(checked).toBeGreaterThan(100);
  });
});

describe('why a grip is easy or hard, in words', () => {
  it('names the frets, the stretch and the measure of the hand', () => {
    expect(easeReason(grip('A7', 'shell', '5x56xx'), defaultGuitar)).toBe(
      '42 mm, fret 5 to 6: easy for your hand, up to 100 mm.',
    );
    const small = { ...defaultGuitar, hand: { comfortableMm: 40, limitMm: 50 } };
    expect(easeReason({ ...grip('A7', 'shell', '5x56xx'), ease: 'stretch' }, small)).toBe(
      '42 mm, fret 5 to 6: a stretch. Easy ends at 40 mm, your limit is 50 mm.',
    );
  });
  it('tells on keys what each hand spans', () => {
    const voicing = voicings('Cmaj7', 'spread', { instrument: defaultKeyboard }).find(
      ({ notes }) => new Set(notes.map(({ hand }) => hand)).size === 2,
    )!;
    expect(easeReason(voicing, defaultKeyboard)).toMatch(/^Left hand .+, right hand .+\.$/);
  });
});

describe('easier forms', () => {
  const hard = (symbol: string, family: FamilyId): Voicing =>
    [...voicings(symbol, family)].sort((a, b) => b.stretchMm! - a.stretchMm!)[0]!;

  it.each(['close', 'drop2', 'drop3', 'spread'] as const)(
    'of a hard grip in %s are easier, and say what is different',
    (family) => {
      const voicing = hard('Cmaj7', family);
      expect(voicing.ease).toBe('stretch');
      const forms = easierForms(chord('Cmaj7'), voicing, settings(family));
      expect(forms.length).toBeGreaterThan(0);
      for (const form of forms) {
        const { how } = form;
        if (!how.startsWith('with '))
          expect(form.voicing.stretchMm!).toBeLessThan(voicing.stretchMm!);
        if (how === 'the same notes on other strings') {
          expect(form.voicing.notes.map((n) => n.midi)).toEqual(voicing.notes.map((n) => n.midi));
        }
        if (how.startsWith('without')) {
          expect(form.voicing.notes.length).toBeLessThan(voicing.notes.length);
        }
      }
    },
  );

  it('are easier as a player means it: less stretch or fewer fingers, near by, nothing open up the neck (property)', () => {
    const fingers = ({ notes }: Voicing): number =>
      new Set(notes.flatMap(({ finger }) => finger ?? [])).size;
    const lowest = ({ notes }: Voicing): number =>
      Math.min(...notes.flatMap(({ fret = 0 }) => (fret > 0 ? [fret] : [])));
    let forms = 0;
    for (const family of ['close', 'drop2', 'drop3', 'drop24', 'spread', 'shell+'] as const) {
      for (const symbol of ['Cmaj7', 'F7', 'Bbm7', 'Em7b5', 'A13']) {
        for (const voicing of voicings(symbol, family)) {
          for (const { voicing: form, how } of easierForms(
            chord(symbol),
            voicing,
            settings(family),
          )) {
            if (how.startsWith('with ')) continue;
            forms += 1;
            const less = form.stretchMm! < voicing.stretchMm! || fingers(form) < fingers(voicing);
            expect(less).toBe(true);
            const away = Math.abs(lowest(form) - lowest(voicing));
            expect(Number.isFinite(away) ? away : 0).toBeLessThanOrEqual(5);
            const frets = form.notes.map(({ fret = 0 }) => fret);
            if (frets.includes(0)) expect(Math.max(...frets)).toBeLessThanOrEqual(5);
          }
        }
      }
    }
    expect(forms).toBeGreaterThan(200);
  });

  it('leave out the tone that is needed least: the root before the fifth, never a guide tone first', () => {
    const fewer = easierForms(chord('G13'), hard('G13', 'shell+'), settings('shell+')).find(
      ({ how }) => how.startsWith('without'),
    );
    expect(fewer?.how).toBe('without the R');
  });

  it('offer a barre where single fingers are assumed, and the other way round', () => {
    const voicing = grip('Am7', 'drop2', 'xx5555');
    const [other] = easierForms(chord('Am7'), voicing, settings('drop2')).filter(({ how }) =>
      how.startsWith('with '),
    );
    expect(other).toBeDefined();
    const bars = (each: Voicing): boolean =>
      each.notes.filter(({ finger }) => finger === 1).length > 1;
    expect(bars(other!.voicing)).toBe(!bars(voicing));
  });

  it('give both hands what one cannot reach', () => {
    const keyboard = { ...defaultKeyboard, hands: 'one' as const };
    const wide = { instrument: keyboard, includeOutOfReach: true };
    const voicing = voicings('Cmaj7', 'drop24', wide).find(({ ease }) => ease === 'out of reach')!;
    const forms = easierForms(chord('Cmaj7'), voicing, settings('drop24', wide));
    expect(forms.find(({ how }) => how === 'in both hands')?.voicing.ease).toBe('easy');
  });
});

describe('notes that are played in', () => {
  const strings = (frets: string): PlayedNote[] =>
    frets
      .split('')
      .flatMap((fret, at) => (fret === 'x' ? [] : [{ string: 6 - at, fret: Number(fret) }]));
  const read = (symbol: string, frets: string) => {
    const result = readPlayed(chord(symbol), strings(frets), defaultGuitar);
    if (!result.ok) throw new Error(result.problem);
    return result.value;
  };

  it.each([
    ['A7', '5x56xx', 'shell', 'R b7 3'],
    ['Cmaj7', 'x3545x', 'drop2', 'R 5 7 3'],
    ['G7', '3x343x', 'drop3', 'R b7 3 5'],
    ['D9', 'xx4555', 'drop2', '3 b7 9 5'],
    ['C', 'x32010', 'own', 'R 3 5 R 3'],
  ])('%s as %s is %s: %s', (symbol, frets, family, degrees) => {
    const { voicing, missing, outside } = read(symbol, frets);
    expect(voicing.family).toBe(family);
    expect(degreeNames(voicing)).toBe(degrees);
    expect({ missing, outside }).toEqual({ missing: [], outside: [] });
    expect(voicing.notes.some(({ finger }) => finger)).toBe(true);
  });

  it('says which guide tones are missing and which notes do not belong', () => {
    const { voicing, missing, outside } = read('A7', '5x55xx');
    expect(missing).toEqual(['3']);
    expect(outside.map(({ note }) => note)).toEqual(['B#']);
    expect(voicing.family).toBe('own');
  });

  it('lays notes from a keyboard on the strings where they lie narrowest', () => {
    const pitches = [45, 55, 61].map((pitch) => ({ pitch }));
    const result = readPlayed(chord('A7'), pitches, defaultGuitar);
    expect(result.ok && shape(result.value.voicing)).toBe('x0x02x');
  });

  it.each([
    ['nothing', [], 'Play at least one note.'],
    [
      'two on a string',
      [
        { string: 6, fret: 5 },
        { string: 6, fret: 7 },
      ],
      'There are two notes on string 6; it sounds one at a time.',
    ],
    [
      'a fret too far',
      [{ string: 1, fret: 30 }],
      'There is no fret 30 on string 1: this guitar has 6 strings and 20 frets.',
    ],
    [
      'what only one string has',
      [{ pitch: 40 }, { pitch: 41 }],
      'These notes do not lie on this guitar all at once.',
    ],
  ] as [string, PlayedNote[], string][])('refuses %s with a word', (_, played, message) => {
    expect(readPlayed(chord('A7'), played, defaultGuitar)).toEqual({ ok: false, problem: message });
  });

  it('knows every voicing of every stacked family again (property, seed 6)', () => {
    const symbol = fc.constantFrom('Cmaj7', 'F7', 'Bbm7', 'Em7b5', 'G13', 'Eb6');
    const stacked = FAMILY_IDS.filter((id) => id !== 'colour');
    fc.assert(
      fc.property(symbol, fc.constantFrom(...stacked), fc.nat(), (name, family, at) => {
        const all = voicings(name, family);
        const voicing = all[at % Math.max(1, all.length)];
        if (!voicing) return;
        const played = voicing.notes.map(({ string, fret }) => ({ string: string!, fret: fret! }));
        const result = readPlayed(chord(name), played, defaultGuitar);
        if (!result.ok) throw new Error(result.problem);
        expect(degreeNames(result.value.voicing)).toBe(degreeNames(voicing));
        expect(result.value.voicing.family).not.toBe('own');
        expect(result.value.voicing.stretchMm).toBeCloseTo(voicing.stretchMm!, 9);
      }),
      { numRuns: 120, seed: 6 },
    );
  });
});

describe('the table of one family', () => {
  it('has inversions along one axis and string sets along the other, and every grip once', () => {
    const table = browseFamily(chord('Cmaj7'), 'drop2', defaultVoicingSettings);
    expect(table.rows).toEqual(['R', '3', '5', '7']);
    expect(table.columns.slice(0, 3)).toEqual(['6 5 4 3', '5 4 3 2', '4 3 2 1']);
    expect(table.cells.flat(2)).toHaveLength(voicings('Cmaj7', 'drop2').length);
    const cell = table.cells[0]![table.columns.indexOf('5 4 3 2')]!;
    expect(cell.map((voicing) => shape(voicing))).toContain('x3545x');
  });
  it('goes by the octave of the lowest note on keys', () => {
    const keys = { ...defaultVoicingSettings, instrument: defaultKeyboard };
    const { columns } = browseFamily(chord('Cmaj7'), 'close', keys);
    expect(columns).toEqual(['C2', 'C3', 'C4', 'C5'].filter((name) => columns.includes(name)));
    expect(columns.length).toBeGreaterThan(1);
  });
});
