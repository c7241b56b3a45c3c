import { chord } from '../../testing/builders';
import { defaultKeyboard, defaultVoicingSettings, rooms } from '../data';
import { enumerateVoicings } from '../enumerate';
import type { Keyboard, VoicingSettings } from '../base/types';
import { splitHands } from './hands';

const oneHand: Keyboard = { ...defaultKeyboard, hands: 'one' };
const settings = (instrument: Keyboard): VoicingSettings => ({
  ...defaultVoicingSettings,
  instrument,
});

describe('which hand plays what', () => {
  it('takes up to an octave in one hand: the right, or the left below G3', () => {
    expect(splitHands(defaultKeyboard, [60, 64, 67, 71]).hands.join(' ')).toBe(
      'right right right right',
    );
    expect(splitHands(defaultKeyboard, [50, 53, 57, 60]).hands.join(' ')).toBe(
      'left left left left',
    );
  });
  it('splits a wider voicing where the wider hand stays narrowest', () => {
    expect(splitHands(defaultKeyboard, [48, 55, 64, 71])).toMatchObject({
      hands: ['left', 'left', 'right', 'right'],
      spans: { left: 7, right: 7 },
      ease: 'easy',
    });
  });
  it('calls a ninth a stretch for one hand, and a tenth out of its reach of a ninth', () => {
    expect(splitHands(oneHand, [55, 60, 69]).ease).toBe('stretch');
    expect(splitHands(oneHand, [55, 60, 71]).ease).toBe('out of reach');
  });
  it('gives a hand no more than five notes', () => {
    expect(splitHands(oneHand, [60, 61, 62, 63, 64, 65]).ease).toBe('out of reach');
  });
});

describe('voicings on keys', () => {
  it('keeps every note inside the window of the room', () => {
    for (const room of Object.values(rooms)) {
      const found = enumerateVoicings(chord('Bb7'), {
        ...settings(defaultKeyboard),
        families: ['shell', 'guide'],
        room,
      });
      expect(found.length).toBeGreaterThan(0);
      for (const { notes } of found) {
        expect(notes[0]?.midi).toBeGreaterThanOrEqual(room.window.low);
        expect(notes.at(-1)?.midi).toBeLessThanOrEqual(room.window.high);
        expect(notes.length).toBeLessThanOrEqual(room.mostNotes);
      }
    }
  });
  it('offers one hand only what it spans', () => {
    const wide = enumerateVoicings(chord('Cmaj7'), settings(defaultKeyboard)).length;
    const narrow = enumerateVoicings(chord('Cmaj7'), settings(oneHand));
    expect(narrow.length).toBeLessThan(wide);
    for (const { notes } of narrow) {
      expect((notes.at(-1)?.midi ?? 0) - (notes[0]?.midi ?? 0)).toBeLessThanOrEqual(14);
    }
  });
});
