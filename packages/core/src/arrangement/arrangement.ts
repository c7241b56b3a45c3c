import type { Chord } from '../chord/types';
import { noComp } from '../comp/defaults';
import { defaultSettings, defaultWeights } from '../connect/base/data';
import type { ConnectSettings } from '../connect/base/types';
import { defaultInstruments, rooms, type Instruments } from '../voicing/data';
import { forEachInstrument } from '../voicing/base/instruments';
import type { Instrument, Voicing } from '../voicing/base/types';
import type { Chorus } from './chorus';
import { heldLock, type WhyNotHeld } from './heldLocks';
import type { Arrangement, Lock, TopLine } from './types';
import { wishesOf } from './wishes';

/** No line in mind. */
export const noLine: TopLine = { notes: [], spans: [], keepTop: false };

/** How a tune is voiced before the player has decided anything. */
export const defaultArrangement: Arrangement = {
  instrument: 'guitar',
  keyboardHands: 'two',
  room: rooms.alone,
  families: ['drop2'],
  tensions: 'as written',
  weights: defaultWeights,
  loop: true,
  locks: forEachInstrument(() => []),
  splits: [],
  line: noLine,
  returns: 'free',
  comp: noComp,
};

/**
 * The settings of the engine for an arrangement of a chorus. Locks and notes that do not hold at their
 * chords as they are now are left out, and a chord that no chosen family voices is lent one.
 */
export function settingsOf(
  arrangement: Arrangement,
  chorus: Chorus,
  instruments = defaultInstruments,
): ConnectSettings {
  const { room, families, tensions, weights, loop } = arrangement;
  const instrument = instrumentOf(arrangement, instruments);
  const { held } = heldLocks(arrangement, chorus.chords, instruments);
  const locks = Object.fromEntries(held.map(({ at, voicing }) => [at, voicing]));
  const wishes = wishesOf(arrangement.line, chorus);
  const chosen = { instrument, room, families, tensions, weights, loop, locks, wishes };
  return { ...defaultSettings, ...chosen, lendFamily: true };
}

/** Locks of the instrument in hand: those that hold as they are played now, and those that do not. */
export interface HeldLocks {
  readonly held: readonly { readonly at: number; readonly voicing: Voicing }[];
  readonly fallen: readonly { readonly lock: Lock; readonly why: WhyNotHeld }[];
}

/**
 * Locks that do not hold – made on another tuning, say, or for a chord that is another by now – are kept
 * with the arrangement and hold again when they can.
 * @param chords of the chorus, parts of split ones counted
 */
export function heldLocks(
  arrangement: Arrangement,
  chords: readonly Chord[],
  instruments = defaultInstruments,
): HeldLocks {
  const instrument = instrumentOf(arrangement, instruments);
  const held: { at: number; voicing: Voicing }[] = [];
  const fallen: { lock: Lock; why: WhyNotHeld }[] = [];
  for (const lock of arrangement.locks[arrangement.instrument]) {
    const chord = chords[lock.at];
    if (!chord) continue;
    const outcome = heldLock(lock, chord, instrument);
    if (outcome.held) held.push({ at: lock.at, voicing: outcome.voicing });
    else fallen.push({ lock, why: outcome.why });
  }
  return { held, fallen };
}

/** The instrument an arrangement is for, as its player holds it: keys under as many hands as it says. */
export function instrumentOf(
  { instrument, keyboardHands }: Pick<Arrangement, 'instrument' | 'keyboardHands'>,
  instruments: Instruments,
): Instrument {
  const inHand = instruments[instrument];
  return 'hands' in inHand ? { ...inHand, hands: keyboardHands } : inHand;
}

/** Locks a voicing at its chord, in place of any lock already there; `undefined` takes the lock off. */
export function withLock(
  arrangement: Arrangement,
  at: number,
  lock: Omit<Lock, 'at'> | undefined,
): Arrangement {
  const kind = arrangement.instrument;
  const others = arrangement.locks[kind].filter((known) => known.at !== at);
  const all = lock ? [...others, { at, ...lock }] : others;
  const sorted = [...all].sort((a, b) => a.at - b.at);
  return { ...arrangement, locks: { ...arrangement.locks, [kind]: sorted } };
}
