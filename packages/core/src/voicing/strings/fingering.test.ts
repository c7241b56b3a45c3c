import fc from 'fast-check';
import { fingeringOf, fingeringsOf } from './fingering';
import type { FretPlace } from './geometry';

/** A grip as players write it, low string first: `x3545x`. */
const places = (grip: string): FretPlace[] =>
  grip
    .split('')
    .flatMap((fret, stringIndex) => (fret === 'x' ? [] : [{ stringIndex, fret: Number(fret) }]));
const fingers = (grip: string): string | undefined => fingeringOf(places(grip))?.fingers.join('');

describe('fingerings that every player uses (common practice)', () => {
  it.each([
    ['x32010', '32010', 'open C: ring, middle, index'],
    ['x02210', '02310', 'open A minor: middle, ring, index'],
    ['022100', '023100', 'open E'],
    ['x3545x', '1324', 'Cmaj7 in drop 2'],
    ['xx5555', '1111', 'four equal frets under a barre'],
    ['133211', '134211', 'F under a whole barre'],
    ['5x56xx', '123', 'the shell of A7'],
    ['x545xx', '213', 'the shell of D7'],
    ['x535xx', '314', 'the shell of Dm7'],
    ['5x55xx', '234', 'the shell of Am7'],
    ['x3535x', '1314', 'C7 in drop 2'],
    ['x3434x', '1324', 'Cm7b5 in drop 2'],
    ['x3424x', '2314', 'Cdim7 in drop 2'],
    ['x54555', '21333', 'D9, the ring finger across three strings'],
    ['x76777', '21333', 'E9'],
    ['5x5677', '12344', 'A13, the little finger across two'],
    ['3x345x', '1234', 'G13'],
    ['x54557', '21334', 'D13'],
    ['x32233', '21134', 'C6/9'],
    ['x24442', '12341', 'B: no finger lies flat where a lower fret sounds beyond it'],
    ['x5777x', '1333', 'D'],
    ['575655', '131211', 'A7 under a whole barre'],
    ['575755', '131411', 'A7sus4 under a whole barre'],
    ['x35353', '13141', 'C7 under a barre'],
    ['x24432', '13421', 'Bm'],
    ['xx2224', '1113', 'Amaj7 on top of its fifth'],
    ['5x564x', '2341', 'A7b5'],
    ['x5456x', '2134', 'D7#9'],
    ['5x555x', '2333', 'Am7, the ring finger flat beside the middle'],
    ['3x3333', '23333', 'Gm7 with its root on top'],
    ['5x5557', '23334', 'Am9'],
    ['3x3435', '11213', 'G9 under a barre, its silent string not played'],
    ['5x5655', '11211', 'A7'],
    ['3x3434', '11213', 'G7b9'],
    ['xx0003', '0003', 'C on a ukulele: the ring finger'],
    ['xx2000', '2000', 'Am on a ukulele: the middle finger'],
    ['xx0232', '0132', 'D'],
    ['xx3211', '3211', 'F'],
    ['x3232x', '2131', 'C7b9'],
    ['2x121x', '2131', 'F#dim7'],
    ['xx0211', '0211', 'Dm7, and Gm7 on a ukulele'],
    ['x02220', '02340', 'A: a barre would stop the string beyond it'],
    ['xx0222', '0111', 'Dmaj7'],
  ])('%s is held %s: %s', (grip, expected) => {
    expect(fingers(grip)).toBe(expected);
  });

  it('give the m7 shell as three fingers, and as one barre', () => {
    const ways = fingeringsOf(places('5x55xx')).map((way) => way.fingers.join(''));
    expect(ways[0]).toBe('234');
    expect(ways).toContain('111');
  });

  it('bars from the lowest string under the index to the highest', () => {
    expect(fingeringOf(places('133211'))).toMatchObject({ barre: true });
    expect(fingeringOf(places('x3545x'))).toMatchObject({ barre: false });
  });
});

describe('any fingering there is (property, seed 9)', () => {
  const grip = fc
    .array(fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }), {
      minLength: 6,
      maxLength: 6,
    })
    .map((frets) =>
      frets.flatMap((fret, stringIndex) => (fret === undefined ? [] : [{ stringIndex, fret }])),
    );

  it('has the index on the lowest fret, no fingers crossed, none twice but under a barre that can be laid', () => {
    let upperBarres = 0;
    fc.assert(
      fc.property(grip, (held) => {
        for (const { fingers: given, barre } of fingeringsOf(held)) {
          const fretted = held
            .map((place, at) => ({ ...place, finger: given[at]! }))
            .filter(({ fret }) => fret > 0);
          expect(given.map((finger) => finger === 0)).toEqual(held.map(({ fret }) => fret === 0));
          const used = fretted.map(({ finger }) => finger);
          expect(Math.max(0, ...used)).toBeLessThanOrEqual(4);
          const twice = used.filter((finger, at) => used.indexOf(finger) !== at);
          expect(twice.every((finger) => barre && (finger === 1 || finger >= 3))).toBe(true);
          for (const a of fretted) {
            for (const b of fretted) {
              if (a.fret < b.fret) expect(a.finger).toBeLessThan(b.finger);
              if (a.fret === b.fret && a.stringIndex < b.stringIndex) {
                expect(a.finger).toBeLessThanOrEqual(b.finger);
              }
            }
            const flat = fretted.filter(({ finger }) => finger === a.finger);
            if (a.finger === 1 || flat.length === 1) continue;
            upperBarres += 1;
            const strings = flat.map(({ stringIndex }) => stringIndex);
            expect(new Set(flat.map(({ fret }) => fret)).size).toBe(1);
            expect(Math.max(...strings) - Math.min(...strings)).toBe(flat.length - 1);
            const beyond = held.filter(({ stringIndex }) => stringIndex > Math.max(...strings));
            expect(beyond.every(({ fret }) => fret >= a.fret)).toBe(true);
          }
        }
      }),
      { numRuns: 2000, seed: 9 },
    );
    expect(upperBarres).toBeGreaterThan(100);
  });

  it('is never missing for three fretted notes, whatever their frets', () => {
    fc.assert(
      fc.property(grip, (held) => {
        const fretted = held.filter(({ fret }) => fret > 0);
        fc.pre(fretted.length <= 3);
        expect(fingeringOf(held)).toBeDefined();
      }),
      { numRuns: 500, seed: 9 },
    );
  });

  it('is found just where a plain search over all fingers finds one', () => {
    let [possible, impossible] = [0, 0];
    fc.assert(
      fc.property(closeGrip, (held) => {
        const plain = plainlyHeld(held);
        expect(fingeringOf(held) !== undefined).toBe(plain);
        if (plain) possible += 1;
        else impossible += 1;
      }),
      { numRuns: 3000, seed: 10 },
    );
    expect(Math.min(possible, impossible)).toBeGreaterThan(500);
  });
});

/** Four to six strings within four frets, where fingers are few. */
const closeGrip = fc
  .array(fc.option(fc.integer({ min: 0, max: 4 }), { nil: undefined, freq: 12 }), {
    minLength: 6,
    maxLength: 6,
  })
  .map((frets) =>
    frets.flatMap((fret, stringIndex) => (fret === undefined ? [] : [{ stringIndex, fret }])),
  );

/** Whether some choice of a finger for every place keeps the rules of common practice, tried one by one. */
function plainlyHeld(held: readonly FretPlace[]): boolean {
  const fretted = held.filter(({ fret }) => fret > 0);
  const tried = (fingers: number[]): boolean =>
    fingers.length === fretted.length
      ? keepsRules(held, fretted, fingers)
      : [1, 2, 3, 4].some((finger) => tried([...fingers, finger]));
  return tried([]);
}

function keepsRules(
  held: readonly FretPlace[],
  fretted: readonly FretPlace[],
  fingers: readonly number[],
): boolean {
  const inOrder = fretted.every((a, i) =>
    fretted.every((b, j) => {
      if (a.fret < b.fret) return fingers[i]! < fingers[j]!;
      return a.fret > b.fret || a.stringIndex >= b.stringIndex || fingers[i]! <= fingers[j]!;
    }),
  );
  const lowest = Math.min(...fretted.map(({ fret }) => fret));
  const flat = [1, 2, 3, 4].map((finger) => fretted.filter((_, at) => fingers[at] === finger));
  const [index, middle, ring, little] = flat.map((places) => (places.length > 1 ? places : []));
  // Ring or little finger lies flat, not both at once.
  if (!inOrder || middle!.length || (ring!.length && little!.length)) return false;
  return (
    coversBelow(index!, held, lowest) && [ring!, little!].every((b) => liesOver(b, held, lowest))
  );
}

/** The index, at the lowest fret: no string from its lowest on is open. */
function coversBelow(barre: readonly FretPlace[], held: readonly FretPlace[], lowest: number) {
  const start = Math.min(...barre.map(({ stringIndex }) => stringIndex));
  const free = held.every(({ fret, stringIndex }) => fret > 0 || stringIndex < start);
  return free && barre.every(({ fret }) => fret === lowest);
}

/**
 * Ring or little finger: two to four strings side by side, none beyond them on the treble side lower. At the lowest
 * fret only beside one finger on a lower string, with whatever else is fretted on the strings beyond.
 */
function liesOver(barre: readonly FretPlace[], held: readonly FretPlace[], lowest: number) {
  if (!barre.length) return true;
  const [{ fret }] = barre as [FretPlace];
  const strings = barre.map(({ stringIndex }) => stringIndex);
  const [first, last] = [Math.min(...strings), Math.max(...strings)];
  const side = last - first === barre.length - 1 && barre.length <= 4;
  if (!side || held.some((place) => place.stringIndex > last && place.fret < fret)) return false;
  const others = held.filter((place) => place.fret > 0 && !barre.includes(place));
  const beside = others.filter((place) => place.fret === fret);
  const beyond = others.every((place) => place.fret === fret || place.stringIndex > last);
  return fret > lowest || (beside.length === 1 && beside[0]!.stringIndex < first && beyond);
}
