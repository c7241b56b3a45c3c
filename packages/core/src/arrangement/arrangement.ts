import { noComp } from '../comp/defaults';
import { defaultSettings, defaultWeights } from '../connect/data';
import type { ConnectSettings } from '../connect/types';
import { defaultGuitar, defaultKeyboard, rooms } from '../voicing/data';
import { fretsLeft, openPitches } from '../voicing/guitar/geometry';
import type { Guitar, Instrument, Keyboard, VoicedNote, Voicing } from '../voicing/types';
import type { Chorus } from './chorus';
import type { Arrangement, InstrumentKind, Lock, TopLine } from './types';
import { wishesOf } from './wishes';

/** No line in mind. */
export const noLine: TopLine = { notes: [], spans: [], keepTop: false };

/** How a tune is voiced before the player has decided anything. */
export const defaultArrangement: Arrangement = {
  version: 5,
  instrument: 'guitar',
  keyboardHands: 'two',
  room: rooms.alone,
  families: ['drop2'],
  tensions: 'as written',
  weights: defaultWeights,
  loop: true,
  locks: { guitar: [], keyboard: [] },
  splits: [],
  line: noLine,
  returns: 'free',
  comp: noComp,
};

/** The instruments a player has in hand. */
export interface Instruments {
  readonly guitar: Guitar;
  readonly keyboard: Keyboard;
}

export const defaultInstruments: Instruments = { guitar: defaultGuitar, keyboard: defaultKeyboard };

/**
 * The settings of the engine for an arrangement of a chorus. Stale locks and notes are left out, and a
 * chord that no chosen family voices is lent one.
 */
export function settingsOf(
  arrangement: Arrangement,
  chorus: Chorus,
  instruments = defaultInstruments,
): ConnectSettings {
  const { room, families, tensions, weights, loop } = arrangement;
  const instrument = instrumentOf(arrangement, instruments);
  const locks: Record<number, Voicing> = {};
  for (const { at, symbol, voicing } of standingLocks(arrangement, instruments)) {
    if (chorus.chords[at]?.symbol === symbol) locks[at] = voicing;
  }
  const wishes = wishesOf(arrangement.line, chorus);
  const chosen = { instrument, room, families, tensions, weights, loop, locks, wishes };
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
