import fc from 'fast-check';
import { semitonesOf, type Degree } from '../../chord/degrees';
import { pitchClassOf } from '../../pitch/spelling';
import { chord, shape, wholeStacks } from '../../testing/builders';
import { defaultGuitar, defaultVoicingSettings } from '../data';
import { enumerateVoicings, voicingKey } from '../enumerate';
import { familyOf } from '../families';
import { materialOf } from '../base/material';
import {
  FAMILY_IDS,
  type FamilyId,
  type Fretted,
  type Voicing,
  type VoicingSettings,
} from '../base/types';
import { fingeringOf } from './fingering';
import { fretPosition, stretchOf } from './geometry';
import { canBePicked } from './assess';

const voicings = (
  symbol: string,
  family: FamilyId,
  guitar: Fretted = defaultGuitar,
  change: Partial<VoicingSettings> = {},
): Voicing[] =>
  enumerateVoicings(chord(symbol), {
    ...defaultVoicingSettings,
    ...change,
    instrument: guitar,
    families: [family],
  });
const shapes = (symbol: string, family: FamilyId): string[] =>
  voicings(symbol, family).map((voicing) => shape(voicing));

describe('where the frets lie (twelve-tone equal temperament)', () => {
  it('halves the string at the twelfth fret and quarters it at the twenty-fourth', () => {
    expect(fretPosition(648, 12)).toBeCloseTo(324, 9);
    expect(fretPosition(648, 24)).toBeCloseTo(486, 9);
  });

  it('puts each fret a seventeen-point-eight-one-seventh of the rest of the string further (luthier rule)', () => {
    for (let fret = 0; fret < 24; fret += 1) {
      const rest = 648 - fretPosition(648, fret);
      const step = fretPosition(648, fret + 1) - fretPosition(648, fret);
      expect(rest / step).toBeCloseTo(17.817, 3);
    }
  });

  it.each([
    [1, 5, 126],
    [5, 9, 100],
    [9, 13, 79],
  ])('measures frets %i to %i on 648 mm as %i mm (arithmetic)', (low, high, mm) => {
    expect(Math.round(fretPosition(648, high) - fretPosition(648, low))).toBe(mm);
  });
});

describe('stretch of a grip', () => {
  const at = (stringIndex: number, fret: number) => ({ stringIndex, fret });
  it('counts across the strings as well as along the neck', () => {
    const along = fretPosition(648, 5) - fretPosition(648, 2);
    expect(stretchOf(defaultGuitar, [at(0, 2), at(4, 5)])).toBeCloseTo(Math.hypot(along, 42), 9);
  });
  it('does not count open strings', () => {
    expect(stretchOf(defaultGuitar, [at(0, 0), at(1, 9)])).toBe(0);
  });
  it('takes the widest pair where several fingers share a fret', () => {
    const along = fretPosition(648, 4) - fretPosition(648, 3);
    const grip = [at(1, 3), at(5, 3), at(2, 4)];
    expect(stretchOf(defaultGuitar, grip)).toBeCloseTo(Math.hypot(along, 31.5), 9);
  });
});

describe('the shells that every player knows (common practice)', () => {
  it.each([
    ['A7', '5x56xx'],
    ['D7', 'x545xx'],
    ['Amaj7', '5x66xx'],
    ['Dmaj7', 'x546xx'],
    ['Am7', '5x55xx'],
    ['Dm7', 'x535xx'],
    ['E7', 'x767xx'],
  ])('%s is %s', (symbol, grip) => {
    expect(shapes(symbol, 'shell')).toContain(grip);
  });

  it('finds the common drop 2 grips of the middle and top strings (common practice)', () => {
    expect(shapes('Dm7', 'drop2')).toContain('xx0211');
    expect(shapes('Dm7', 'drop2')).toContain('x5756x');
    expect(shapes('G7', 'drop2')).toContain('x(10)(12)(10)(12)x');
    expect(shapes('Cmaj7', 'drop2')).toContain('x3545x');
    expect(shapes('Cmaj7', 'drop2')).toContain('xx5557');
  });
});

describe('what the hand can reach', () => {
  it('finds close sevenths mostly out of reach, and drop 2 mostly within it (common practice)', () => {
    const share = (family: FamilyId): number => {
      const all = ['Cmaj7', 'F7', 'Dm7', 'Bm7b5'].flatMap((symbol) =>
        enumerateVoicings(chord(symbol), {
          ...defaultVoicingSettings,
          families: [family],
          includeOutOfReach: true,
        }).filter((voicing) => Math.max(...voicing.notes.map((note) => note.fret ?? 0)) <= 12),
      );
      return all.filter((voicing) => voicing.ease !== 'out of reach').length / all.length;
    };
    expect(share('close')).toBeLessThan(0.5);
    expect(share('drop2')).toBeGreaterThan(share('close'));
  });

  it('calls one and the same shape a stretch low on the neck and easy higher up', () => {
    const ease = (symbol: string, grip: string) =>
      voicings(symbol, 'shell').find((voicing) => shape(voicing) === grip)?.ease;
    expect(ease('F7', '1x12xx')).toBe('easy');
    const wide = { ...defaultGuitar, hand: { comfortableMm: 80, limitMm: 125 } };
    const find = (symbol: string, grip: string) =>
      voicings(symbol, 'close', wide).find((voicing) => shape(voicing) === grip)?.ease;
    expect(find('Fmaj7', 'xx3210')).toBe('easy');
    expect(find('Gmaj7', 'xx5432')).toBe('stretch');
    expect(find('Cmaj7', 'xx(10)987')).toBe('easy');
  });

  it('leaves grips beyond the limit out, or shows them marked', () => {
    const small = { ...defaultGuitar, hand: { comfortableMm: 30, limitMm: 40 } };
    expect(voicings('C7', 'close', small).every((voicing) => (voicing.stretchMm ?? 0) <= 40)).toBe(
      true,
    );
    const shown = enumerateVoicings(chord('C7'), {
      ...defaultVoicingSettings,
      instrument: small,
      families: ['close'],
      includeOutOfReach: true,
    });
    expect(shown.some((voicing) => voicing.ease === 'out of reach')).toBe(true);
  });

  it('with a pick skips at most one inner string, and none above an open one', () => {
    const at = (...places: [number, number][]) =>
      canBePicked(places.map(([stringIndex, fret]) => ({ stringIndex, fret })));
    expect(at([0, 5], [2, 5], [3, 6])).toBe(true);
    expect(at([0, 5], [3, 6], [4, 5])).toBe(false);
    expect(at([1, 0], [3, 2], [4, 1])).toBe(false);
    const pick: Fretted = { ...defaultGuitar, picking: 'pick' };
    const wide = (guitar: Fretted) =>
      voicings('C7', 'shell', guitar, { strings: ['632', '531'] }).filter((voicing) => {
        const strings = voicing.notes.map((note) => note.string ?? 0);
        return Math.max(...strings) - Math.min(...strings) > 3;
      });
    expect(wide(pick)).toEqual([]);
    expect(wide(defaultGuitar).length).toBeGreaterThan(0);
  });
});

describe('fingering', () => {
  const fingers = (...places: [number, number][]) =>
    fingeringOf(places.map(([stringIndex, fret]) => ({ stringIndex, fret })))?.fingers;
  it('puts the index on the lowest fret and crosses no fingers', () => {
    expect(fingers([1, 5], [2, 4], [3, 5])).toEqual([2, 1, 3]);
    expect(fingers([1, 3], [2, 5], [3, 4], [4, 5])).toEqual([1, 3, 2, 4]);
  });
  it('bars three equal frets at the lowest fret, and lays no barre over an open string', () => {
    expect(fingeringOf([2, 3, 4, 5].map((s) => ({ stringIndex: s, fret: 5 })))).toMatchObject({
      fingers: [1, 1, 1, 1],
      barre: true,
    });
    expect(fingers([0, 3], [1, 0], [2, 3])).toEqual([1, 0, 2]);
  });
  it('has no answer where four fingers do not do', () => {
    expect(fingers([0, 1], [1, 2], [2, 3], [3, 4], [4, 5])).toBeUndefined();
  });
});

describe('every grip (property, seed 5)', () => {
  const symbol = fc
    .tuple(
      fc.constantFrom('C', 'F#', 'Bb', 'E', 'Ab'),
      fc.constantFrom('maj7', '7', 'm7', 'm7b5', '6', '7alt', '13', '9', 'sus4', 'm'),
    )
    .map(([root, quality]) => root + quality);
  const anyFamily = fc.constantFrom<FamilyId>(...FAMILY_IDS);

  it('sounds the pitches it says, on strings of its own, within the hand', () => {
    fc.assert(
      fc.property(symbol, anyFamily, (name, id) => {
        for (const voicing of voicings(name, id)) {
          const strings = voicing.notes.map((note) => note.string);
          expect(new Set(strings).size).toBe(strings.length);
          expect(voicing.stretchMm).toBeLessThanOrEqual(125);
          for (const { midi, string = 0, fret = -1 } of voicing.notes) {
            expect((defaultGuitar.tuning[6 - string] ?? 0) + fret).toBe(midi);
          }
        }
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('misses none: a plain search over all strings of a small neck finds the same', () => {
    const small: Fretted = { ...defaultGuitar, tuning: [45, 50, 55, 59], frets: 7 };
    const everyGrip = plainSearch(small);
    fc.assert(
      fc.property(symbol, anyFamily, (name, id) => {
        const found = voicings(name, id, small);
        const belongs = membersOf(id, name);
        const plain = everyGrip.filter(({ pitches }) => belongs(pitches));
        const full = found.filter(({ without }) => !without);
        expect(full.map(voicingKey).sort()).toEqual(plain.map(({ key }) => key).sort());
        if (plain.length && !familyOf(id).everyDegree) expect(found).toEqual(full);
      }),
      { numRuns: 120, seed: 5 },
    );
  });
});

/** Tells whether pitches are a voicing of the family: a stack of it, or a choice of its pool. */
function membersOf(id: FamilyId, name: string): (pitches: readonly number[]) => boolean {
  const { low, high } = defaultVoicingSettings.room.window;
  const inside = (pitch: number): boolean => pitch >= low && pitch <= high;
  const root = pitchClassOf(chord(name).root);
  const { of } = familyOf(id);
  if (of.kind === 'stacks') {
    const known = wholeStacks(name, id).map(({ tones }) =>
      tones.map(({ height }) => root + height),
    );
    return (pitches) =>
      pitches.every(inside) &&
      known.some((heights) => {
        const shift = (pitches[0] ?? 0) - (heights[0] ?? 0);
        const same = heights.length === pitches.length && shift % 12 === 0;
        return same && heights.every((height, voice) => height + shift === pitches[voice]);
      });
  }
  const { essential, colours, guideTones } = chord(name);
  const pool = of.choice(materialOf(chord(name), defaultVoicingSettings));
  const BODY = 'R 2 b3 3 4 b5 5 #5 6 bb7 b7 7'.split(' ') as Degree[];
  return (pitches) => {
    const classes = new Set(pitches.map((pitch) => (pitch - root + 120) % 12));
    const has = (degree: Degree): boolean => classes.has(semitonesOf(degree));
    const known = pool.degrees.filter(has).length === classes.size;
    const enough = pitches.length >= pool.fewest && pitches.length <= pool.most;
    const apart = classes.size === pitches.length;
    const written = name.includes('alt') ? colours.some(has) : colours.every(has);
    const told = [...guideTones, ...essential].every(has) && written;
    const bottom = ((pitches[0] ?? 0) - root + 120) % 12;
    const stands = pool.degrees.some((d) => BODY.includes(d) && semitonesOf(d) === bottom);
    return pitches.every(inside) && known && enough && apart && told && stands;
  };
}

/** Every combination of fret or silence on each string that a hand can hold: slow and plain. */
function plainSearch(guitar: Fretted): { pitches: number[]; key: string }[] {
  const choices = [-1, ...Array.from({ length: guitar.frets + 1 }, (_, fret) => fret)];
  const all = guitar.tuning.reduce<number[][]>(
    (grips) => grips.flatMap((grip) => choices.map((fret) => [...grip, fret])),
    [[]],
  );
  return all.flatMap((frets) => {
    const places = frets.flatMap((fret, stringIndex) => (fret < 0 ? [] : [{ stringIndex, fret }]));
    const reaches = stretchOf(guitar, places) <= guitar.hand.limitMm;
    if (!places.length || places.length > 4 || !reaches || !fingeringOf(places)) return [];
    // No open string beside a fret above the fifth.
    if (frets.includes(0) && Math.max(...frets) > 5) return [];
    const sounding = places
      .map((place) => ({ ...place, pitch: place.fret + (guitar.tuning[place.stringIndex] ?? 0) }))
      .sort((a, b) => a.pitch - b.pitch);
    const key = sounding.map((p) => `${guitar.tuning.length - p.stringIndex}:${p.fret}`).join(' ');
    return [{ pitches: sounding.map((place) => place.pitch), key }];
  });
}
