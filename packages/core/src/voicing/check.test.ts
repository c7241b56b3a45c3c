import { checkInstrument, checkRoom } from './check';
import { defaultGuitar, defaultKeyboard, rooms } from './data';
import { ROOM_IDS, type Fretted, type Room } from './base/types';
import { families } from './families';

const guitar = (change: Partial<Fretted>): string[] =>
  checkInstrument({ ...defaultGuitar, ...change }).map(
    ({ path, message }) => `${path}: ${message}`,
  );
const room = (change: Partial<Room>, family: Parameters<typeof checkRoom>[2] = []): string[] =>
  checkRoom({ ...rooms.bass, ...change }, defaultGuitar, family).map(
    ({ path, message }) => `${path}: ${message}`,
  );

it('finds nothing to say about what comes with the application', () => {
  expect(checkInstrument(defaultGuitar)).toEqual([]);
  expect(checkInstrument(defaultKeyboard)).toEqual([]);
  for (const id of ROOM_IDS) {
    for (const instrument of [defaultGuitar, defaultKeyboard]) {
      for (const family of families) {
        expect(checkRoom(rooms[id], instrument, [family.id])).toEqual([]);
      }
    }
  }
});

describe('a guitar that cannot be says what and why', () => {
  it.each([
    [
      'a tuning out of order',
      { tuning: [40, 45, 44, 55, 59, 64] },
      'tuning.2: String 4, Ab2, is not above string 5, A2: strings go from the lowest to the highest.',
    ],
    ['no frets', { frets: 0 }, 'frets: A neck has frets from 1 to 36; this says 0.'],
    [
      'three strings',
      { tuning: [50, 55, 59] },
      'tuning: A guitar has strings from 4 to 8; this says 3.',
    ],
    [
      'a capo past the last fret',
      { frets: 12, capo: 14 },
      'capo: A capo lies on a fret from 0 to 11; this says 14.',
    ],
    [
      'a hand smaller than any grip',
      { hand: { comfortableMm: 10, limitMm: 10 } },
      'hand.limitMm: A hand that opens 10 mm holds no grip: the narrowest there is needs 11 mm.',
    ],
    [
      'more comfort than reach',
      { hand: { comfortableMm: 120, limitMm: 100 } },
      'hand.limitMm: What is comfortable, 120 mm, cannot be more than the limit, 100 mm.',
    ],
    [
      'a length that is no number',
      { scaleLengthMm: NaN },
      'scaleLengthMm: A scale is long, in mm, from 300 to 900; this says NaN.',
    ],
  ] as [string, Partial<Fretted>, string][])('%s', (_, change, message) => {
    expect(guitar(change)).toContain(message);
  });

  it('the narrowest grip it names is there: one millimetre more and the hand holds it', () => {
    expect(guitar({ hand: { comfortableMm: 10, limitMm: 11 } })).toEqual([]);
  });
});

describe('a keyboard that cannot be says what and why', () => {
  it.each([
    [
      { reach: { left: 8, right: 14 } },
      'The left hand spans half steps from 12 to 17; this says 8.',
    ],
    [{ lowest: 60, highest: 48 }, 'The highest key, C3, is not above the lowest, C4.'],
  ])('%j', (change, message) => {
    const problems = checkInstrument({ ...defaultKeyboard, ...change });
    expect(problems.map((problem) => problem.message)).toContain(message);
  });
});

describe('a room that cannot be says what and why', () => {
  const narrow = { window: { low: 60, high: 64 }, centre: { low: 61, high: 63 } };
  it('a register narrower than the family', () => {
    expect(room(narrow, ['drop2'])).toEqual([
      'window: The register C4 to E4 is 4 half steps wide, and the narrowest form of drop 2 needs 8.',
    ]);
  });
  it('unless another of the families fits into it', () => {
    expect(room({ ...narrow, window: { low: 60, high: 66 } }, ['drop2', 'guide'])).toEqual([]);
  });
  it('a register upside down, and a middle outside it', () => {
    expect(room({ window: { low: 70, high: 60 } })).toContain(
      'window: It goes from Bb4 to C4; the lower end comes first.',
    );
    expect(room({ centre: { low: 40, high: 50 } })).toEqual([
      'centre: The middle, E2 to D3, lies outside the register, D3 to G5.',
    ]);
  });
  it('a register where the instrument has no notes', () => {
    expect(room({ window: { low: 100, high: 120 }, centre: { low: 105, high: 110 } })).toEqual([
      'window: The register E7 to C9 is off this guitar, which goes from E2 to C6.',
    ]);
  });
});
