import { INSTRUMENT_IDS } from '../../voicing/base/instruments';
import { rooms } from '../../voicing/data';
import { defaultArrangement } from './defaults';
import { roomBehind, startFor, withSetUp } from './start';

describe('what a tune starts with (common practice)', () => {
  it('is what every arrangement starts with, on guitar alone', () => {
    expect(defaultArrangement).toMatchObject(startFor('guitar', rooms.alone));
  });
  it('a keyboard is no guitar: shells and open forms alone, rootless in four voices with a bass', () => {
    expect(startFor('keyboard', rooms.alone).families).toEqual(['shell+', 'spread']);
    expect(startFor('keyboard', rooms.bass)).toMatchObject({
      families: ['rootless'],
      asked: { voices: 4 },
    });
  });
  it('colours come in with a bass, on every instrument', () => {
    for (const instrument of INSTRUMENT_IDS) {
      for (const room of Object.values(rooms)) {
        const { tensions } = startFor(instrument, room);
        expect(tensions).toBe(room.others.bass ? 'available' : 'as written');
      }
    }
  });
});

describe('another instrument or room', () => {
  it('brings what suits it, there and back', () => {
    const withBass = withSetUp(defaultArrangement, { room: rooms.bass });
    expect(withBass.families).toEqual(['drop2', 'rootless']);
    const onKeys = withSetUp(withBass, { instrument: 'keyboard' });
    expect(onKeys).toMatchObject(startFor('keyboard', rooms.bass));
    const back = withSetUp(withSetUp(onKeys, { room: rooms.alone }), { instrument: 'guitar' });
    expect(back).toEqual(defaultArrangement);
  });
  it('leaves alone what the player has chosen', () => {
    const chosen = withSetUp(defaultArrangement, { families: ['shell'] });
    expect(withSetUp(chosen, { room: rooms.bass }).families).toEqual(['shell']);
    const four = withSetUp(defaultArrangement, {
      asked: { ...defaultArrangement.asked, voices: 3 },
    });
    expect(withSetUp(four, { instrument: 'keyboard' }).families).toEqual(['drop2']);
  });
});

it('a soloist who comes in asks for the room that leaves them theirs', () => {
  expect(roomBehind(rooms.alone)).toBe(rooms.singer);
  expect(roomBehind(rooms.bass)).toBe(rooms['bass and horn']);
  expect(roomBehind(rooms['bass and horn'])).toBeUndefined();
});
