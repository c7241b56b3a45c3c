import { mud, muddyIntervals } from './lowIntervals';
import { roughness } from './roughness';
import { soundOf } from './soundOf';

/**
 * Order of consonance at equal register. Source: R. Plomp and W. Levelt, "Tonal Consonance and Critical
 * Bandwidth" (1965), and W. Sethares, "Local Consonance and the Relationship Between Timbre and Scale"
 * (1993), figure 3, for harmonic tones near 500 Hz; quoted from memory.
 */
const ORDER: readonly (readonly [name: string, semitones: number])[] = [
  ['octave', 12],
  ['fifth', 7],
  ['fourth', 5],
  ['major third', 4],
  ['minor third', 3],
  ['tritone', 6],
  ['whole tone', 2],
  ['half step', 1],
];

describe('roughness of two tones follows the published curves', () => {
  const pairs = ORDER.slice(1).map(
    ([name, wider], at) => [ORDER[at]![0], name, ORDER[at]![1], wider] as const,
  );
  const sets = [69, 72].flatMap((bottom) => pairs.map((pair) => [bottom, ...pair] as const));
  it.each(sets)('on %i: %s is smoother than %s', (bottom, _, __, smooth, rough) => {
    expect(roughness([bottom, bottom + smooth])).toBeLessThan(roughness([bottom, bottom + rough]));
  });

  it('one interval grows rougher the lower it lies (published: the critical band is wider there)', () => {
    for (const interval of [3, 4, 5, 7]) {
      const rising = [36, 48, 60, 72].map((bottom) => roughness([bottom, bottom + interval]));
      expect(rising).toEqual([...rising].sort((a, b) => b - a));
    }
  });

  it('is measured in half steps on middle C, and one tone alone has next to none', () => {
    expect(roughness([60, 61])).toBeCloseTo(1, 9);
    expect(roughness([60])).toBeLessThan(roughness([60, 72]));
  });

  it('a chord is at least as rough as any two of its tones', () => {
    const chord = [48, 52, 55, 59];
    for (const low of chord) {
      for (const high of chord.filter((pitch) => pitch > low)) {
        expect(roughness(chord)).toBeGreaterThanOrEqual(roughness([low, high]));
      }
    }
  });
});

describe('low interval limits (common practice)', () => {
  it.each([
    ['a major third on E2', [40, 44], true],
    ['a major third on C3', [48, 52], false],
    ['an octave on E1', [28, 40], false],
    ['a half step on C3', [48, 49], true],
  ])('%s: muddy %s', (_, pitches, muddy) => {
    expect(muddyIntervals(pitches).length > 0).toBe(muddy);
    expect(mud(pitches) > 0).toBe(muddy);
  });

  it('grow by the half steps that are wanting', () => {
    const { clearFrom } = muddyIntervals([40, 44])[0]!;
    expect(mud([40, 44])).toBe(clearFrom - 40);
    expect(mud([clearFrom, clearFrom + 4])).toBe(0);
  });
});

describe('in words', () => {
  it.each([
    ['a fifth', [55, 62], 'clear'],
    ['a shell', [45, 55, 61], 'mellow'],
    ['a cluster', [60, 61, 62, 63], 'rough'],
  ])('%s is %s', (_, pitches, word) => {
    expect(soundOf(pitches).word).toBe(word);
  });
  it('says what is muddy and from where it would be clear', () => {
    expect(soundOf([40, 44]).warning).toBe('muddy: E2 and Ab2 lie too close below Bb2');
    expect(soundOf([52, 56]).warning).toBeUndefined();
  });
});
