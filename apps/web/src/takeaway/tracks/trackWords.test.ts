import type { TrackWish } from '@drop-close/core';
import { lengthInWords, sizeInWords, trackInWords } from './trackWords';

const WISH: TrackWish = {
  ...{ heard: ['bass', 'drums'], keys: [0, 5], times: 2, tempo: 120, faster: 4 },
  ...{ countIn: true, format: 'ogg' },
};

it('a track is said in words: who, which keys, how often, how fast', () => {
  expect(trackInWords({ wish: WISH, key: 'Bb' })).toBe(
    'Bass and drums, in B♭ and E♭, twice in each, 120 a minute, 4 faster each time',
  );
  const plain = { ...WISH, keys: [0], times: 1, faster: 0, countIn: false };
  expect(trackInWords({ wish: plain, key: 'Cm' })).toBe(
    'Bass and drums, in Cm, once, 120 a minute, no count-in',
  );
});

it('lengths and sizes are said as players read them', () => {
  expect(lengthInWords(245)).toBe('4:05');
  expect(lengthInWords(59.6)).toBe('1:00');
  expect(sizeInWords(1_236_931)).toBe('1.2 MB');
});
