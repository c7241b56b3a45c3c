import { transposeChart } from '../analysis/transposeChart';
import { formatChart } from '../chart/formatChart';
import { parseChart } from '../chart/parseChart';
import { parseChord } from '../chord/parseChord';
import { pitchClassOf } from '../pitch/spelling';
import { chord } from '../testing/builders';
import { offersOf, symbolsOf } from '../testing/choruses';
import { pitchClass } from '../base/units';
import { devices } from './devices';
import { chosenIn } from './devices/harmonisedLine';
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
    const line = bass!.chords.map(({ madeFrom, bottoms }) =>
      madeFrom?.kind === 'notes' ? madeFrom.midis[0]! : bottoms![0]!,
    );
    // D E F, and on to G.
    expect([...line, bass!.leadsInto!.bottoms![0]!].map((pitch) => pitch % 12)).toEqual([
      2, 4, 5, 7,
    ]);
    expect(line).toEqual([...line].sort((a, b) => a - b));
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
    expect(madeBy(MAJOR, 'recast', 'as in minor, the ii–V alone')).toBe('Dm7b5 G7b9');
    expect(madeBy(MINOR, 'recast', 'as in major, the ii–V alone')).toBe('Dm7 G7');
  });

  it('recast a whole ii–V–I in one step, there and back', () => {
    expect(madeBy('| Dm7 | G7 | Cmaj7 |', 'recast', 'as in minor, with its I')).toBe(
      'Dm7b5 G7b9 Cm7',
    );
    expect(madeBy('| Dm7b5 | G7b9 | Cm7 |', 'recast', 'as in major, with its I')).toBe(
      'Dm7 G7 Cmaj7',
    );
    // A7 is a V of its own, not a I.
    expect(variantsOf('| Em7 | A7 | D7 |', 'recast')).toEqual(['as in minor, the ii–V alone']);
  });
});

describe('inner lines (common practice)', () => {
  it('walk root 7 b7 6 over a minor chord', () => {
    expect(madeBy('| Dm7 | % |', 'inner line', 'root 7 ♭7 6')).toBe('Dm Dm(maj7) Dm7 Dm6');
  });

  it('go 7 6 7 on top of a dominant', () => {
    expect(madeBy('| G7 | Cmaj7 |', 'inner line', '♭7 6 ♭7 on top')).toBe('G7 G13 G7');
  });

  it('fall 13 b13 on top of a dominant and on to the 9 of its major', () => {
    expect(madeBy('| G7 | Cmaj7 |', 'inner line', '13 ♭13 9 on top')).toBe('G13 G7b13 Cmaj9');
    const [, offer] = offersOf('| G7 | Cmaj7 |', 'inner line');
    const [e, , d] = offer!.chords.map(({ tops }) => tops?.[0]);
    expect([e! % 12, d! % 12, e! - d!]).toEqual([4, 2, 2]);
    expect(variantsOf('| G7 | Cm7 |', 'inner line')).toEqual(['♭7 6 ♭7 on top']);
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

  it('stand as the player chooses, note by note', () => {
    // C D# E F G over C6: D# alone or slid into E; F diminished, or slid into E; G alone.
    const under = ['by itself', 'alone', 'by itself', 'slid', 'by itself'] as const;
    const parts = harmonise(chord('C6'), [72, 75, 76, 77, 76], under);
    expect(parts.map(({ symbol }) => symbol)).toEqual(['C6', 'C6', 'C6', 'Db6', 'C6']);
    expect(parts.map(({ madeFrom }) => madeFrom?.kind)).toEqual([
      ...[undefined, 'notes', undefined, 'slide', undefined],
    ]);
    const plain = harmonise(chord('C6'), [72, 75, 76, 77, 76]);
    expect(plain.map(({ symbol }) => symbol)).toEqual(['C6', 'B6', 'C6', 'Bdim7', 'C6']);
  });

  it('stand on the accents only, the notes between alone, and under what is saved as chosen', () => {
    const offers = offersOf('| C6 | % |', 'harmonised line', 0, [76, 77, 79, 81]);
    const accents = offers.find(({ variant }) => variant.endsWith('accents only'))!;
    expect(accents.chords.map(({ madeFrom }) => madeFrom?.kind)).toEqual([
      ...[undefined, 'notes', undefined, 'notes'],
    ]);
    expect(chosenIn('your line, as chosen: -sdn')).toEqual([
      ...['by itself', 'slid', 'diminished', 'alone'],
    ]);
    expect(chosenIn('your line')).toEqual([]);
  });

  it('leave a note alone that fits nothing and leads nowhere', () => {
    expect(harmonise(chord('C6'), [75])).toEqual([
      { symbol: 'C6', madeFrom: { kind: 'notes', midis: [75] } },
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
  it('is struck once and rings', () => {
    const [, seventh] = offersOf('| Am7 | Dm7 | G7 | Cmaj7 |', 'drone');
    expect(seventh!.chords.map(({ tied = false }) => tied)).toEqual([false, true, true, true]);
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
      ...Array<string>(4).fill('notes'),
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

/** The notes of each chord of an offer that are given one by one. */
const midisOf = (text: string, device: DeviceId, variant: string): (readonly number[])[] => {
  const found = offersOf(text, device).find((offer) => offer.variant === variant);
  if (!found) throw new Error(`No ${variant}, only ${variantsOf(text, device).join('; ')}`);
  return found.chords.flatMap(({ madeFrom }) =>
    madeFrom?.kind === 'notes' ? [madeFrom.midis] : [],
  );
};
const names = (midis: readonly number[]): string =>
  midis
    .map((pitch) => ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'][pitch % 12]!)
    .join('-');

describe('one note or two borrowed from the diminished chord (common practice)', () => {
  it('are offered for each tone and each two, up and down', () => {
    const borrowed = variantsOf('| Dm7 | % |', 'hold and move').filter((label) =>
      label.startsWith('only'),
    );
    expect(borrowed).toHaveLength(2 * (4 + 6));
    expect(borrowed).toContain('only the ♭3 and 5, up a step');
  });
  it('go a step along F6 and Edim7 over Dm7 and come back, the rest tied', () => {
    const offer = offersOf('| Dm7 | % |', 'hold and move').find(
      ({ variant }) => variant === 'borrow b3 5 up',
    )!;
    const [first, away, back] = offer.chords;
    const [steps] = first!.steps!;
    expect(steps).toMatchObject({ by: 1, only: ['b3', '5'] });
    expect([...steps!.scale].sort((a, b) => a - b)).toEqual([0, 1, 2, 4, 5, 7, 9, 10]);
    expect([away!.tied, back!.tied]).toEqual([true, true]);
  });
});

describe('double stops (common practice)', () => {
  it('fall in thirds through C Mixolydian to the root and the 3', () => {
    const pairs = midisOf('| C7 | % | F6 | % |', 'double stops', 'thirds falling');
    expect(pairs.map(names).join(' ')).toMatch(/E-G D-F C-E$|D-F C-E Bb-D A-C G-Bb$|G-Bb F-A E-G$/);
    expect(pairs).toHaveLength(5);
  });
  it('are thirds or sixths of the scale, each a step from the last', () => {
    for (const variant of ['thirds falling', 'thirds rising', 'sixths falling', 'sixths rising']) {
      const pairs = midisOf('| C7 | % | F6 | % |', 'double stops', variant);
      const sign = variant.endsWith('falling') ? -1 : 1;
      for (const [low, high] of pairs as [number, number][]) {
        expect(variant.startsWith('thirds') ? [3, 4] : [8, 9]).toContain(high - low);
      }
      pairs.slice(1).forEach((pair, at) => {
        pair.forEach((pitch, voice) => {
          expect([1, 2]).toContain((pitch - pairs[at]![voice]!) * sign);
        });
      });
    }
  });
  it('come to a sixth from a half step above it', () => {
    const [above, target] = midisOf('| C7 | % | F6 | % |', 'double stops', 'sixth from above');
    expect(above!.map((pitch) => pitch - 1)).toEqual(target);
    expect(['E-C', 'Bb-G']).toContain(names(target!));
  });
});

describe('two parts (common practice)', () => {
  it('hold the flat 7 of Bb7 over D F C D', () => {
    const pairs = midisOf('| Bb7 | Eb7 | Bb7 | % |', 'two parts', 'b7 held');
    expect(pairs.map(names)).toEqual(['D-Ab', 'F-Ab', 'C-Ab', 'D-Ab']);
    expect(new Set(pairs.map(([, top]) => top)).size).toBe(1);
  });
  it('strike the held note once', () => {
    const [offer] = offersOf('| Bb7 | Eb7 |', 'two parts');
    expect(offer!.chords.map(({ tied = false }) => tied)).toEqual([false, true, true, true]);
  });
  it('build a chord up note by note', () => {
    const offer = offersOf('| Cmaj7 | % |', 'two parts').find(({ variant }) =>
      variant.startsWith('built up'),
    )!;
    const voices = offer.chords.map(({ madeFrom }) =>
      madeFrom?.kind === 'part' ? madeFrom.voices : 'all',
    );
    expect(voices).toEqual([1, 2, 3, 'all']);
  });
});

describe('enclosures (common practice)', () => {
  const parts = (variant: string) =>
    offersOf('| Dm7 | G7 |', 'enclosure').find((offer) => offer.variant === variant)!.chords;

  it('lie a half step above and below what comes, on the last beat', () => {
    const [stays, above, under] = parts('grip, half step below, eighths');
    expect([stays!.at, above!.at, under!.at]).toEqual([0, 3, 3.5]);
    expect(under!.madeFrom).toMatchObject({ kind: 'slide', of: 'after', by: -1 });
    // Made of the one after it, so that it lies a half step above the target.
    expect(above!.madeFrom).toMatchObject({ kind: 'slide', of: 'after', by: 2 });
  });
  it('in triplets take the last two thirds of the beat', () => {
    const times = parts('top note, whole step below, triplets').map(({ at }) => at);
    expect(times[1]).toBeCloseTo(3 + 1 / 3, 9);
    expect(times[2]).toBeCloseTo(3 + 2 / 3, 9);
  });
});
