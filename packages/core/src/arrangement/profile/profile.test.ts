import { chorusOfChords } from '../../testing/builders';
import { defaultGuitar, rooms } from '../../voicing/data';
import { defaultArrangement } from '../stored/defaults';
import { settingsOf } from '../chorus/settings';
import { arrangementFor, checkProfile, defaultProfile, handReaching } from './profile';

it('measures a hand at the fifth fret: four frets up is a hand of the middle size (arithmetic)', () => {
  expect(handReaching(defaultGuitar, 9)).toEqual({ comfortableMm: 100, limitMm: 125 });
  expect(handReaching(defaultGuitar, 8).comfortableMm).toBe(77);
  expect(handReaching({ ...defaultGuitar, scaleLengthMm: 610 }, 9).comfortableMm).toBe(94);
});

it('voices a new tune for the instrument in hand, in the families the player begins with', () => {
  const keyboard = { ...defaultProfile.keyboard, hands: 'one' as const };
  const mine = {
    ...defaultProfile,
    instrument: 'keyboard' as const,
    keyboard,
    families: ['shell' as const],
  };
  expect(arrangementFor(mine)).toMatchObject({
    instrument: 'keyboard',
    keyboardHands: 'one',
    families: ['shell'],
    room: rooms.alone,
  });
  expect(arrangementFor(defaultProfile)).toEqual(defaultArrangement);
});

it('is voiced with the hand and the strings of the player', () => {
  const guitar = { ...defaultGuitar, capo: 2 };
  const { instrument } = settingsOf(defaultArrangement, chorusOfChords(''), {
    ...defaultProfile,
    guitar,
  });
  expect(instrument).toBe(guitar);
});

it('names what cannot be by its path from the profile', () => {
  const guitar = { ...defaultGuitar, frets: 0 };
  const room = { ...rooms.bass, window: { low: 70, high: 60 } };
  const paths = checkProfile({ ...defaultProfile, guitar, rooms: [room] }).map(({ path }) => path);
  expect(paths).toEqual(expect.arrayContaining(['guitar.frets', 'rooms.0.window']));
  expect(checkProfile(defaultProfile)).toEqual([]);
});
