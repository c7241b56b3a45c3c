import { defaultGuitar } from '../../voicing/data';
import { fingerLine } from './fingerLine';

const shown = (pitches: readonly number[], from?: number): string =>
  (fingerLine(pitches, defaultGuitar, from) ?? [])
    .map(({ string, fret, finger }) => `${string}/${fret}.${finger}`)
    .join(' ');

describe('a line on the neck (common practice)', () => {
  it('stays under one hand where it can: the minor pentatonic of A at the fifth fret', () => {
    // A C D E G A from string 6 up: 5 8, 5 7, 5 7.
    expect(shown([45, 48, 50, 52, 55, 57], 5)).toBe('6/5.1 6/8.4 5/5.1 5/7.3 4/5.1 4/7.3');
  });
  it('is played where the hand is, a string lower and five frets higher', () => {
    expect(shown([60, 62, 64], 5)).toBe('3/5.1 3/7.3 2/5.1');
    expect(shown([60, 62, 64], 9)).toBe('4/10.2 4/12.4 3/9.1');
  });
  it('has no place for a note that the neck does not have', () => {
    expect(fingerLine([30], defaultGuitar)).toBeUndefined();
    expect(fingerLine([], defaultGuitar)).toEqual([]);
  });
  it('costs no more than any other way to play it, over every way there is', () => {
    const open = [40, 45, 50, 55, 59, 64];
    for (const pitches of [
      [60, 67, 64],
      [52, 64, 71],
      [55, 56, 57],
      [64, 40, 76],
    ]) {
      /** Every string, fret and place of the hand for a note, by plain search. */
      const ways = pitches.map((pitch) =>
        open.flatMap((lowest, index) =>
          Array.from({ length: defaultGuitar.frets - 3 }, (_, at) => at + 1).flatMap((position) => {
            const fret = pitch - lowest;
            const lies = fret === 0 || (fret >= position && fret <= position + 3);
            const inReach = fret >= 0 && fret <= defaultGuitar.frets && lies;
            return inReach ? [{ string: 6 - index, fret, position }] : [];
          }),
        ),
      );
      type Way = (typeof ways)[number][number];
      const own = ({ fret, position }: Way): number =>
        fret === 0 ? 0.5 * Math.max(0, position - 2) : 0;
      const change = (a: Way, b: Way): number =>
        own(b) + 2 * Math.abs(a.position - b.position) + 0.3 * Math.abs(a.string - b.string);
      let least = Infinity;
      for (const a of ways[0]!) {
        const begun = own(a) + 2 * Math.abs(a.position - 5);
        for (const b of ways[1]!) {
          for (const c of ways[2]!) least = Math.min(least, begun + change(a, b) + change(b, c));
        }
      }
      const found = fingerLine(pitches, defaultGuitar, 5)!;
      const sounding = found.map(({ string, fret }) => open[6 - string]! + fret);
      expect(sounding).toEqual(pitches);
      // The places of the hand that are not told by an open string are those that cost least.
      const best = Math.min(
        ...ways[0]!.flatMap((a) =>
          ways[1]!.flatMap((b) =>
            ways[2]!.flatMap((c) =>
              [a, b, c].every(
                ({ string, fret }, at) => string === found[at]!.string && fret === found[at]!.fret,
              )
                ? [own(a) + 2 * Math.abs(a.position - 5) + change(a, b) + change(b, c)]
                : [],
            ),
          ),
        ),
      );
      expect(best).toBeCloseTo(least, 9);
    }
  });
});
