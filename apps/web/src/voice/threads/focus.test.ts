import { nextThread, voiceAt } from './focus';

const low = { from: 0, voices: [0, 0, 0] };
const high = { from: 0, voices: [1, 2] };
const late = { from: 1, voices: [1, 1] };

it('takes up the voices of a chord from the top down, and then none', () => {
  const threads = [low, late, high];
  expect(nextThread(threads, 1, undefined)).toBe(high);
  expect(nextThread(threads, 1, high)).toBe(late);
  expect(nextThread(threads, 1, late)).toBe(low);
  expect(nextThread(threads, 1, low)).toBeUndefined();
});

it('begins at the top again where the voice that was taken has ended', () => {
  expect(nextThread([low, late, high], 2, high)).toBe(late);
  expect(voiceAt(high, 2)).toBeUndefined();
  expect(voiceAt(late, 2)).toBe(1);
});
