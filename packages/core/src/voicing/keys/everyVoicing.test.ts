/**
 * Nothing playable on keys is missed: a slow plain search over every choice of keys of a small keyboard
 * finds the same voicings as the engine.
 */
import fc from 'fast-check';
import { pitchClassOf } from '../../pitch/spelling';
import { chord, wholeStacks } from '../../testing/builders';
import { defaultKeyboard, defaultVoicingSettings, rooms } from '../data';
import { enumerateVoicings } from '../enumerate';
import { FAMILY_IDS, type FamilyId, type Keyboard } from '../base/types';
import { splitHands } from './hands';

const LOW = 55;
const HIGH = 76;
const small: Keyboard = { ...defaultKeyboard, lowest: LOW, highest: HIGH };
const room = { ...rooms.alone, window: { low: 40, high: 90 } };
const stacked = FAMILY_IDS.filter((id) => id !== 'colour');

/** Every set of two to five keys, low to high. */
function* everySet(): Generator<number[]> {
  const grow = function* (keys: number[]): Generator<number[]> {
    if (keys.length >= 2) yield keys;
    if (keys.length === 5) return;
    for (let next = (keys.at(-1) ?? LOW - 1) + 1; next <= HIGH; next += 1)
      yield* grow([...keys, next]);
  };
  yield* grow([]);
}
const sets = [...everySet()].map((pitches) => ({ pitches, shape: shapeOf(pitches) }));

function shapeOf(pitches: readonly number[]): string {
  return pitches.map((pitch) => pitch - pitches[0]!).join(' ');
}

function plainSearch(symbol: string, family: FamilyId, keyboard: Keyboard): string[] {
  const root = pitchClassOf(chord(symbol).root);
  const wanted = new Set(
    wholeStacks(symbol, family).map(({ tones }) => {
      const heights = tones.map(({ height }) => height as number);
      return `${(((root + heights[0]!) % 12) + 12) % 12}: ${shapeOf(heights)}`;
    }),
  );
  const left = (pitches: readonly number[]): number | undefined =>
    family === 'left hand' ? pitches.length : undefined;
  return sets
    .filter(({ pitches, shape }) => wanted.has(`${pitches[0]! % 12}: ${shape}`))
    .filter(({ pitches }) => splitHands(keyboard, pitches, left(pitches)).ease !== 'out of reach')
    .map(({ pitches }) => pitches.join(' '))
    .sort();
}

it('finds the very voicings of a plain search, with both hands or one (property, seed 8)', () => {
  const symbol = fc.constantFrom('Cmaj7', 'F#7', 'Bbm7', 'Em7b5', 'Ab6', 'D7sus4', 'Gm', 'Edim7');
  const hands = fc.constantFrom('one' as const, 'two' as const);
  let found = 0;
  fc.assert(
    fc.property(symbol, fc.constantFrom(...stacked), hands, (name, family, playing) => {
      const keyboard = { ...small, hands: playing };
      const settings = {
        ...defaultVoicingSettings,
        instrument: keyboard,
        room,
        families: [family],
      };
      const full = enumerateVoicings(chord(name), settings).filter(({ without }) => !without);
      const keys = full.map(({ notes }) => notes.map(({ midi }) => midi).join(' ')).sort();
      expect(keys).toEqual(plainSearch(name, family, keyboard));
      found += keys.length;
    }),
    { numRuns: 60, seed: 8 },
  );
  expect(found).toBeGreaterThan(300);
});

it('says for every note which hand has it, hands neither crossed nor past their reach', () => {
  for (const family of stacked) {
    const settings = { ...defaultVoicingSettings, instrument: defaultKeyboard, families: [family] };
    for (const { notes } of enumerateVoicings(chord('G13'), settings)) {
      const left = notes.filter(({ hand }) => hand === 'left').map(({ midi }) => midi as number);
      const right = notes.filter(({ hand }) => hand === 'right').map(({ midi }) => midi as number);
      expect(left.length + right.length).toBe(notes.length);
      if (left.length && right.length) expect(Math.max(...left)).toBeLessThan(Math.min(...right));
      for (const held of [left, right]) {
        if (held.length) expect(Math.max(...held) - Math.min(...held)).toBeLessThanOrEqual(14);
        expect(held.length).toBeLessThanOrEqual(5);
      }
    }
  }
});
