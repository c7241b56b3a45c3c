import { NOTHING_PLAYED, lifted, pitchOfKey, recordMessage } from './recording';

const ON = 0x90;
const OFF = 0x80;

const played = (...messages: readonly (readonly [number[], number])[]) =>
  messages.reduce((recording, [data, at]) => recordMessage(recording, data, at), NOTHING_PLAYED);

describe('a solo played in', () => {
  it('keeps each note with its time and length in ticks, and how it was struck', () => {
    const { notes } = played([[ON, 67, 90], 1.5], [[OFF, 67, 0], 2.25]);
    expect(notes).toEqual([{ midi: 67, at: 720, length: 360, velocity: 90 }]);
  });
  it('takes a note-on without velocity for a note-off (MIDI 1.0)', () => {
    expect(played([[ON, 60, 80], 0], [[ON, 60, 0], 1]).notes).toHaveLength(1);
  });
  it('ends a note that is struck again before it was let go', () => {
    const { notes } = played([[ON, 60, 80], 0], [[ON, 60, 70], 1], [[OFF, 60, 0], 2]);
    expect(notes.map(({ at, length }) => [at, length])).toEqual([
      [0, 480],
      [480, 480],
    ]);
  });
  it('leaves out slips of the hand', () => {
    expect(played([[ON, 60, 80], 0], [[OFF, 60, 0], 0.01]).notes).toEqual([]);
  });
  it('ends what is still down when the recording stops', () => {
    expect(lifted(played([[ON, 60, 80], 3]), 4).notes).toMatchObject([{ at: 1440, length: 480 }]);
  });
  it('listens to nothing but notes', () => {
    expect(played([[0xb0, 64, 127], 0])).toEqual(NOTHING_PLAYED);
  });
});

it('makes a piano of the middle rows of a keyboard, from C', () => {
  expect(['a', 'w', 's', 'k', 'z'].map((key) => pitchOfKey(key, 0))).toEqual([
    60,
    61,
    62,
    72,
    undefined,
  ]);
  expect(pitchOfKey('A', 1)).toBe(72);
  expect(pitchOfKey('Shift', 0)).toBeUndefined();
});
