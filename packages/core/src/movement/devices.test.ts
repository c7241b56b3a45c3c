import { transposeChart } from '../analysis/transposeChart';
import { formatChart } from '../chart/formatChart';
import { parseChart } from '../chart/parseChart';
import { parseChord } from '../chord/parseChord';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { offersOf, symbolsOf } from '../testing/choruses';
import { pitchClass } from '../base/units';
import { devices } from './devices';
import { harmonise } from './harmonise';
import { sixthAndDiminished } from './sixth';
import { DEVICE_IDS, type DeviceId } from './types';

const variantsOf = (text: string, device: DeviceId, at = 0): string[] =>
  offersOf(text, device, at).map(({ label }) => label);

const madeBy = (text: string, device: DeviceId, variant: string, at = 0): string => {
  const offer = offersOf(text, device, at).find(({ label }) => label === variant);
  if (!offer) throw new Error(`No ${variant}, only ${variantsOf(text, device, at).join('; ')}`);
  return symbolsOf(offer);
};

const MAJOR = '| Dm7 | G7 | Cmaj7 | % |';
const MINOR = '| Dm7b5 | G7b9 | Cm6 | % |';
const BLUES = '| C7 | F7 | C7 | % |';

describe('step through the key (common practice)', () => {
  it('fills a ii–V–I: ii iii IV V vi viiø I', () => {
    const two = madeBy(MAJOR, 'through the key', 'rising');
    const five = madeBy(MAJOR, 'through the key', 'rising', 1);
    expect(`${two} ${five} Cmaj7`).toBe('Dm7 Em7 Fmaj7 G7 Am7 Bm7b5 Cmaj7');
  });

  it('may fall instead: from V down through IV iii ii to I', () => {
    expect(madeBy(MAJOR, 'through the key', 'falling', 1)).toBe('G7 Fmaj7 Em7 Dm7');
  });

  it('puts the flat third between ii and iii', () => {
    const variant = 'rising, with the flat third between';
    expect(madeBy(MAJOR, 'through the key', variant)).toBe('Dm7 Ebm7 Em7 Fmaj7');
  });

  it('keeps the beat: the written chord holds, the others take a beat each', () => {
    const [rising] = offersOf(MAJOR, 'through the key');
    expect(rising!.chords.map(({ at, length }) => [at, length])).toEqual([
      [0, 2],
      [2, 1],
      [3, 1],
    ]);
  });

  it('offers the same steps by bass notes only', () => {
    const bass = offersOf(MAJOR, 'through the key').find(
      ({ variant }) => variant === 'rising, bass notes only',
    );
    expect(bass!.chords.map(({ madeFrom }) => madeFrom?.kind)).toEqual([undefined, 'bass', 'bass']);
  });

  it('goes by eighths in half a bar, and not at all where there is no time', () => {
    const half = offersOf('| Dm7 G7 | Cmaj7 |', 'through the key');
    expect(half[0]!.chords.map(({ length }) => length)).toEqual([1, 0.5, 0.5]);
    expect(offersOf('| Dm7 . G7 Am7 |', 'through the key', 2)).toEqual([]);
  });

  it('has nothing where a chord is none of the key', () => {
    expect(offersOf('| C | F#7 | C | % |', 'through the key', 1)).toEqual([]);
  });
});

describe('approach chords (common practice)', () => {
  it('come from the scale chord below or above, on the last beat', () => {
    const offers = offersOf(MAJOR, 'approach chord', 1);
    expect(offers.map(symbolsOf)).toEqual(['G7 Bm7b5', 'G7 Dm7']);
    expect(offers[0]!.chords[1]).toMatchObject({ at: 3, length: 1 });
  });
});

describe('half-step slides (common practice)', () => {
  it('come from below or above, an eighth or a beat early, in the same grip', () => {
    const offers = offersOf(MAJOR, 'slide');
    expect(offers.map(({ variant }) => variant)).toEqual([
      'from below, an eighth early',
      'from below, a beat early',
      'from above, an eighth early',
      'from above, a beat early',
    ]);
    expect(offers.map(symbolsOf)).toEqual(['Dm7 F#7', 'Dm7 F#7', 'Dm7 Ab7', 'Dm7 Ab7']);
    expect(offers[0]!.chords[1]).toMatchObject({
      at: 3.5,
      length: 0.5,
      madeFrom: { kind: 'slide', of: 'after', by: -1 },
    });
  });
});

describe('sixth and diminished by turns', () => {
  it('reads the diminished chord as the dominant flat ninth without its root (arithmetic)', () => {
    const classes = (symbol: string, without: string[] = []): number[] =>
      chord(symbol)
        .tones.filter(({ degree }) => !without.includes(degree))
        .map(({ note }) => pitchClassOf(note))
        .sort((a, b) => a - b);
    const { diminished } = sixthAndDiminished(chord('C6'))!;
    expect(diminished.symbol).toBe('Bdim7');
    expect([...diminished.classes].sort((a, b) => a - b)).toEqual(classes('G7b9', ['R']));
    expect(classes(diminished.symbol)).toEqual(classes('G7b9', ['R']));
  });

  it.each([
    ['Cmaj7', 'C6 Bdim7'],
    ['Am7', 'C6 Bdim7'],
    ['Cm6', 'Cm6 Bdim7'],
    ['Am7b5', 'Cm6 Bdim7'],
    ['F7', 'Cm6 Bdim7'],
  ])('reads %s as %s', (symbol, pair) => {
    const { sixth, diminished } = sixthAndDiminished(chord(symbol))!;
    expect(`${sixth.symbol} ${diminished.symbol}`).toBe(pair);
  });

  it('makes an eight-note scale, in major 1 2 3 4 5 b6 6 7 (common practice)', () => {
    const { sixth, diminished } = sixthAndDiminished(chord('C6'))!;
    const scale = [...sixth.classes, ...diminished.classes].sort((a, b) => a - b);
    expect(scale).toEqual([0, 2, 4, 5, 7, 8, 9, 11]);
  });

  it('alternates, the chord on the strong beats', () => {
    expect(madeBy('| C6 | % |', 'sixth and diminished', 'climbing')).toBe('C6 Bdim7 C6 Bdim7');
  });

  it('holds one note and moves the other three, which leaves a chord that has a name', () => {
    expect(madeBy('| C6 | % |', 'sixth and diminished', 'holding the fifth')).toBe('C6 G7 C6');
    expect(madeBy('| C6 | % |', 'sixth and diminished', 'holding the root')).toBe('C6 Dm7b5 C6');
  });

  it('leaves a diminished chord alone', () => {
    expect(offersOf('| Cdim7 | % |', 'sixth and diminished')).toEqual([]);
  });
});

describe('other chords in place of the written ones (common practice)', () => {
  it('include the tritone substitute and the backdoor for V, and minor iv for IV', () => {
    expect(variantsOf(MAJOR, 'stand-in', 1)).toContain('Db7, tritone substitute');
    expect(variantsOf(MAJOR, 'stand-in', 1)).toContain('Bb7, backdoor');
    expect(variantsOf('| C | Fmaj7 | G7 | C |', 'stand-in', 1)).toContain('Fm6, minor iv');
  });

  it('put the ii before a V, half-diminished where minor follows', () => {
    expect(madeBy('| G7 | Cmaj7 |', 'related two', 'Dm7 first')).toBe('Dm7 G7');
    expect(madeBy('| G7 | Cm7 |', 'related two', 'Dm7b5 first')).toBe('Dm7b5 G7');
  });

  it('suspend a dominant', () => {
    expect(madeBy(MAJOR, 'sus', '4 to 3', 1)).toBe('G7sus4 G7');
  });

  it('recast a ii–V of major as one of minor and back', () => {
    expect(madeBy(MAJOR, 'recast', 'as in minor')).toBe('Dm7b5 G7b9');
    expect(madeBy(MINOR, 'recast', 'as in major')).toBe('Dm7 G7');
  });
});

describe('inner lines (common practice)', () => {
  it('walk root 7 b7 6 over a minor chord', () => {
    expect(madeBy('| Dm7 | % |', 'inner line', 'root 7 ♭7 6')).toBe('Dm Dm(maj7) Dm7 Dm6');
  });

  it('walk 5 b5 4 across a minor ii–V', () => {
    expect(madeBy(MINOR, 'inner line', '5 ♭5 4')).toBe('Dm7 Dm7b5');
  });
});

describe('block chords under a line (common practice)', () => {
  it('put chord tones on the sixth chord and the notes between on the diminished', () => {
    const parts = harmonise(chord('Cmaj7'), [72, 74, 76, 77, 79]);
    expect(parts.map(({ symbol }) => symbol)).toEqual(['C6', 'Bdim7', 'C6', 'Bdim7', 'C6']);
    expect(parts.map(({ tops }) => tops)).toEqual([[72], [74], [76], [77], [79]]);
  });

  it('slide a note of neither in from the next, a half step off', () => {
    const [flatThird, third] = harmonise(chord('C6'), [75, 76]);
    expect(flatThird).toEqual({ symbol: 'B6', madeFrom: { kind: 'slide', of: 'after', by: -1 } });
    expect(third!.symbol).toBe('C6');
  });

  it('leave a note alone that fits nothing and leads nowhere', () => {
    expect(harmonise(chord('C6'), [75])).toEqual([
      { symbol: 'C6', madeFrom: { kind: 'note', midi: 75 } },
    ]);
  });

  it('take the line of the player, one chord for each note', () => {
    const offers = offersOf('| C6 | % |', 'harmonised line', 0, [76, 77, 79]);
    const own = offers.find(({ variant }) => variant === 'your line')!;
    expect(symbolsOf(own)).toBe('C6 Bdim7 C6');
  });
});

describe('a drone', () => {
  it('holds the tonic, or a 7 that the next chords share, as long as they do (common practice)', () => {
    expect(variantsOf('| Am7 | Dm7 | G7 | Cmaj7 |', 'drone')).toEqual([
      'the tonic, C, over 2 chords',
      'its 7, G, over 4 chords',
    ]);
  });
});

describe('blues devices', () => {
  it('slide a sixth down to a ninth (arithmetic: 3 6 R a whole step lower are 9 5 b7)', () => {
    const e6 = ['3', '6', 'R'].map((d) => chord('E6').tones.find(({ degree }) => degree === d)!);
    const e9 = ['9', '5', 'b7'].map((d) => chord('E9').tones.find(({ degree }) => degree === d)!);
    expect(e6.map(({ note }) => pitchClass(pitchClassOf(note) - 2))).toEqual(
      e9.map(({ note }) => pitchClassOf(note)),
    );
    expect(madeBy(BLUES, 'sixth to ninth', '6 to 9')).toBe('C6 C9 C6 C9');
  });

  it('take cells up the neck, one on each beat', () => {
    const [up, down] = offersOf(BLUES, 'cells up the neck');
    expect(up!.chords.map(({ families, length }) => [families, length])).toEqual(
      Array(4).fill([['cell'], 1]),
    );
    const bands = up!.chords.map(({ tops }) => tops!);
    expect(down!.chords.map(({ tops }) => tops)).toEqual([...bands].reverse());
    bands.slice(1).forEach((band, at) => {
      expect(band[0]).toBe(bands[at]!.at(-1)! + 1);
    });
  });

  it('call with a line and answer with the chord', () => {
    const [call] = offersOf(BLUES, 'call and answer');
    expect(call!.chords.map(({ madeFrom }) => madeFrom?.kind)).toEqual([
      ...Array<string>(4).fill('note'),
      undefined,
      undefined,
    ]);
  });
});

describe('every device', () => {
  it('is in the list', () => {
    expect(devices.map(({ id }) => id).sort()).toEqual([...DEVICE_IDS].sort());
  });

  const CHANGES = [
    MAJOR,
    MINOR,
    BLUES,
    '| Dm9 | % | Ebm9 | % |',
    '| Bb6 Gm7 | Cm7 F7 | Bb | N.C. |',
  ];
  it.each(CHANGES)('is known by the same name in every key, in %s', (text) => {
    const { chart } = parseChart(text);
    const variantsIn = (semitones: number): string[] => {
      const moved = formatChart(transposeChart(chart, semitones));
      return DEVICE_IDS.flatMap((device) =>
        offersOf(moved, device).map(({ variant }) => `${device}: ${variant}`),
      );
    };
    const here = variantsIn(0);
    expect(here.length).toBeGreaterThan(3);
    for (const semitones of [1, 3, 5, 6, 8]) expect(variantsIn(semitones)).toEqual(here);
  });

  it.each(CHANGES)(
    'fills its stretch of %s without gaps, with symbols that can be read',
    (text) => {
      const bars = text.split('|').length - 2;
      for (const device of DEVICE_IDS) {
        for (let at = 0; at < bars; at += 1) {
          const offers = offersOf(text, device, at);
          expect(new Set(offers.map(({ variant }) => variant)).size).toBe(offers.length);
          for (const { chords, why } of offers) {
            expect(why).toMatch(/\.$/);
            let end = 0;
            for (const moved of chords) {
              expect(moved.at).toBeCloseTo(end);
              expect(moved.length).toBeGreaterThan(0);
              expect(parseChord(moved.symbol).ok).toBe(true);
              end += moved.length;
            }
          }
        }
      }
    },
  );
});
