import { NO_NOTES, hearMessage, type HeldNotes } from './heldNotes';

/** Messages of MIDI 1.0, channel 1 unless it is said: `+60` down, `-60` up. */
const played = (notes: string): HeldNotes =>
  notes.split(' ').reduce((held, word) => {
    const pitch = Number(word.slice(1));
    return hearMessage(held, word.startsWith('+') ? [0x90, pitch, 80] : [0x80, pitch, 0]);
  }, NO_NOTES);

it('takes notes that are down together as one handful, low to high', () => {
  expect(played('+64 +60 +67').handful).toEqual([60, 64, 67]);
});

it('keeps the handful when the hand lifts, and begins a new one with the next note', () => {
  expect(played('+60 +64 -60 -64').handful).toEqual([60, 64]);
  expect(played('+60 +64 -60 -64 +62').handful).toEqual([62]);
});

it('lets a rolled chord be one handful', () => {
  expect(played('+48 +55 -48 +64 -55 -64').handful).toEqual([48, 55, 64]);
});

it('reads a note-on of velocity 0 as a note-off, on any channel, and nothing into other messages', () => {
  const down = hearMessage(NO_NOTES, [0x93, 60, 90]);
  expect(hearMessage(down, [0x93, 60, 0]).down.size).toBe(0);
  expect(hearMessage(down, [0xb0, 64, 127])).toBe(down);
});
