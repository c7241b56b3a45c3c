import fc from 'fast-check';
import { chanceFrom } from '../../comp/base/chance';
import { gradeOf } from '../schedule/grades';
import { SCRIPTED_HANDS, scriptedPass } from './scripted';
import { isClean, judgePass, passInWords, passMeasured, type PassNote } from './judgePass';

/** "0:60 1:62": a note 60 at quarter 0, a note 62 at quarter 1. */
const notes = (text: string): PassNote[] =>
  text.split(' ').map((each) => {
    const [at, midi] = each.split(':').map(Number);
    return { at: at!, midi: midi! };
  });
const EXACT = { tempo: 120, anyOctave: false };
const ROOTS = notes('0:50 2:50 4:43 6:43 8:48 10:48');

describe('a pass', () => {
  it('that is played as it stands is clean, and easy', () => {
    const judged = judgePass(ROOTS, ROOTS, EXACT)!;
    expect(judged).toEqual({ asked: 6, right: 6, extra: 0, missing: [], meanMs: 0, spreadMs: 0 });
    expect(gradeOf(passMeasured(judged))).toBe('easy');
  });
  it('tells what is missing and what is too many', () => {
    const heard = notes('0:50 2:50 4:43 6:42 8:48 10:48');
    const judged = judgePass(ROOTS, heard, EXACT)!;
    expect(judged.missing).toEqual([{ at: 6, midi: 43 }]);
    expect([judged.right, judged.extra]).toEqual([5, 1]);
    expect(isClean(judged)).toBe(false);
    expect(passInWords(judged)).toBe('5 of 6 notes, 1 too many; in time, give or take 0 ms');
  });
  it('measures time in ms: at 120 a tenth of a quarter is 50', () => {
    const late = ROOTS.map(({ at, midi }) => ({ at: at + 0.1, midi }));
    const judged = judgePass(ROOTS, late, EXACT)!;
    expect(judged.meanMs).toBeCloseTo(50);
    expect(judged.spreadMs).toBeCloseTo(0);
    expect(isClean(judged)).toBe(true);
    expect(passInWords(judged)).toBe('6 of 6 notes; 50 ms late, give or take 0');
  });
  it('is not clean where its time is loose, though every note is right', () => {
    const loose = ROOTS.map(({ at, midi }, each) => ({ at: at + (each % 2 ? 0.2 : -0.2), midi }));
    const judged = judgePass(ROOTS, loose, EXACT)!;
    expect([judged.right, Math.round(judged.spreadMs)]).toEqual([6, 100]);
    expect(gradeOf(passMeasured(judged))).toBe('hard');
  });
  it('takes any octave where octaves are free, and a note doubled in octaves once', () => {
    const heard = notes('0:62 0.01:38 2:62 4:55 6:55 8:60 10:60');
    expect(judgePass(ROOTS, heard, { ...EXACT, anyOctave: true })).toMatchObject({
      right: 6,
      extra: 0,
    });
    expect(judgePass(ROOTS, heard, EXACT)).toMatchObject({ right: 0, extra: 7 });
  });
  it('is not judged where nothing was heard: who listens has not failed', () => {
    expect(judgePass(ROOTS, [], EXACT)).toBeUndefined();
    expect(judgePass([], ROOTS, EXACT)).toBeUndefined();
  });
  it('gives each note to the moment it is nearest to, also where one was left out', () => {
    const asked = notes('0:60 1:60 2:60 3:60');
    const judged = judgePass(asked, notes('0:60 2.1:60 2.95:60'), EXACT)!;
    expect(judged.missing).toEqual([{ at: 1, midi: 60 }]);
    expect(judged.meanMs).toBeCloseTo((0 + 50 - 25) / 3);
  });
  it('hears a rolled chord as its notes', () => {
    const shell = notes('0:48 0:52 0:59');
    const judged = judgePass(shell, notes('0:48 0.03:52 0.06:59'), EXACT)!;
    expect(judged).toMatchObject({ asked: 3, right: 3, extra: 0 });
  });
});

/** The most notes that can be answered, and the least distance for that, by trying every pairing in order. */
function plainPairing(
  own: readonly number[],
  played: readonly number[],
  window: number,
): [number, number] {
  const [first, ...rest] = own;
  if (first === undefined) return [0, 0];
  let best = plainPairing(rest, played, window);
  played.forEach((at, position) => {
    if (Math.abs(at - first) > window) return;
    const [made, apart] = plainPairing(rest, played.slice(position + 1), window);
    const found: [number, number] = [made + 1, apart + Math.abs(at - first)];
    if (found[0] > best[0] || (found[0] === best[0] && found[1] < best[1] - 1e-9)) best = found;
  });
  return best;
}

it('pairs as the plain search over every pairing does, 400 passes, seed 20261130', () => {
  const times = fc
    .uniqueArray(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 6 })
    .map((all) => all.sort((a, b) => a - b).map((each) => each / 8));
  fc.assert(
    fc.property(times, times, (own, played) => {
      const asNotes = (all: readonly number[]): PassNote[] => all.map((at) => ({ at, midi: 60 }));
      const judged = judgePass(asNotes(own), asNotes(played), EXACT)!;
      const [made, apart] = plainPairing(own, played, 0.44);
      expect(judged.right).toBe(made);
      expect(judged.asked).toBe(own.length);
      expect(judged.extra).toBe(played.length - made);
      // The mean is signed; with all on one side it is the distance itself.
      expect(Math.abs(judged.meanMs) * made).toBeLessThanOrEqual(apart * 500 + 1e-6);
    }),
    { seed: 20261130, numRuns: 400 },
  );
});

it('is graded by what was left out: one note in a hundred or in twenty-five good, one in ten hard, a third again', () => {
  const { next } = chanceFrom(7);
  const asked = Array.from({ length: 100 }, (_, at) => ({
    at,
    midi: 40 + Math.floor(next() * 20),
  }));
  const without = (every: number): string =>
    gradeOf(
      passMeasured(
        judgePass(
          asked,
          asked.filter((_, at) => at % every !== 1),
          EXACT,
        )!,
      ),
    );
  expect([100, 25, 10, 3].map(without)).toEqual(['good', 'good', 'hard', 'again']);
});

it('a scripted player is clean at every tempo, and with slips never', () => {
  for (const tempo of [40, 90, 160, 240]) {
    const judged = SCRIPTED_HANDS.map((hand) =>
      judgePass(ROOTS, scriptedPass(ROOTS, hand, tempo), { tempo, anyOctave: false }),
    );
    expect(judged.map((each) => each && isClean(each))).toEqual([true, false]);
  }
});
