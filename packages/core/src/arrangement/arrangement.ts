import type { Chord } from '../chord/types';
import { defaultSettings, defaultWeights } from '../connect/data';
import type { ConnectSettings } from '../connect/types';
import { defaultGuitar, defaultKeyboard, rooms } from '../voicing/data';
import { fretsLeft, openPitches } from '../voicing/guitar/geometry';
import type { Guitar, Instrument, Keyboard, VoicedNote, Voicing } from '../voicing/types';
import type { Arrangement, InstrumentKind, Lock } from './types';

/** How a tune is voiced before the player has decided anything. */
export const defaultArrangement: Arrangement = {
  version: 3,
  instrument: 'guitar',
  keyboardHands: 'two',
  room: rooms.alone,
  families: ['drop2'],
  tensions: 'as written',
  weights: defaultWeights,
  loop: true,
  locks: { guitar: [], keyboard: [] },
};

/** The instruments a player has in hand. */
export interface Instruments {
  readonly guitar: Guitar;
  readonly keyboard: Keyboard;
}

export const defaultInstruments: Instruments = { guitar: defaultGuitar, keyboard: defaultKeyboard };

/**
 * The settings of the engine for an arrangement of these chords. Stale locks are left out, and a
 * chord that no chosen family voices is lent one.
 */
export function settingsOf(
  arrangement: Arrangement,
  chords: readonly Chord[],
  instruments = defaultInstruments,
): ConnectSettings {
  const { room, families, tensions, weights, loop } = arrangement;
  const instrument = instrumentOf(arrangement, instruments);
  const locks: Record<number, Voicing> = {};
  for (const { at, symbol, voicing } of standingLocks(arrangement, instruments)) {
    if (chords[at]?.symbol === symbol) locks[at] = voicing;
  }
  const chosen = { instrument, room, families, tensions, weights, loop, locks };
  return { ...defaultSettings, ...chosen, lendFamily: true };
}

/**
 * The locks of the instrument in hand that it still plays as they sound. Those made on another tuning are
 * kept with the arrangement and stand again when it is back.
 */
export function standingLocks(
  arrangement: Arrangement,
  instruments = defaultInstruments,
): readonly Lock[] {
  const instrument = instrumentOf(arrangement, instruments);
  return arrangement.locks[arrangement.instrument].filter(({ voicing }) =>
    voicing.notes.every((note) => soundsOn(note, instrument)),
  );
}

function soundsOn({ midi, string = 0, fret = 0 }: VoicedNote, instrument: Instrument): boolean {
  if (instrument.kind === 'keyboard') {
    return midi >= instrument.lowest && midi <= instrument.highest;
  }
  const open = openPitches(instrument).at(-string);
  return open !== undefined && open + fret === midi && fret <= fretsLeft(instrument);
}

/** The instrument an arrangement is for, as its player holds it. */
export const instrumentOf = (
  { instrument, keyboardHands }: Arrangement,
  { guitar, keyboard }: Instruments,
): Instrument => (instrument === 'guitar' ? guitar : { ...keyboard, hands: keyboardHands });

/** Locks a voicing at its chord, in place of any lock already there; `undefined` takes the lock off. */
export function withLock(
  arrangement: Arrangement,
  at: number,
  lock: Omit<Lock, 'at'> | undefined,
): Arrangement {
  const kind: InstrumentKind = arrangement.instrument;
  const others = arrangement.locks[kind].filter((known) => known.at !== at);
  const all = lock ? [...others, { at, ...lock }] : others;
  const sorted = [...all].sort((a, b) => a.at - b.at);
  return { ...arrangement, locks: { ...arrangement.locks, [kind]: sorted } };
}

/**
 * Lets locks follow their chords when the chart is edited. What stands before the first difference
 * keeps its place, what stands after the last moves with the end; a lock on a chord in between stays
 * only where the symbol is still the same.
 *
 * @param before the symbols of the chorus before the edit
 * @param after and after it
 */
export function followChords(
  arrangement: Arrangement,
  before: readonly string[],
  after: readonly string[],
): Arrangement {
  const shorter = Math.min(before.length, after.length);
  let head = 0;
  while (head < shorter && before[head] === after[head]) head += 1;
  let tail = 0;
  while (tail < shorter - head && before.at(-1 - tail) === after.at(-1 - tail)) tail += 1;
  const moved = (lock: Lock): Lock[] => {
    const inTail = lock.at >= before.length - tail && lock.at >= head;
    const at = inTail ? lock.at + after.length - before.length : lock.at;
    return after[at] === lock.symbol ? [{ ...lock, at }] : [];
  };
  const { guitar, keyboard } = arrangement.locks;
  const unchanged = before.length === after.length && head === before.length;
  if (unchanged || (!guitar.length && !keyboard.length)) return arrangement;
  const locks = { guitar: guitar.flatMap(moved), keyboard: keyboard.flatMap(moved) };
  return { ...arrangement, locks };
}
