import { noComp } from '../../comp/defaults';
import { defaultWeights } from '../../connect/base/data';
import { defaultVoicingSettings, rooms, type Instruments } from '../../voicing/data';
import { forEachInstrument } from '../../voicing/base/instruments';
import type { Instrument } from '../../voicing/base/types';
import type { Arrangement, Lock, TopLine } from './types';

/** No line in mind. */
export const noLine: TopLine = { notes: [], spans: [], keepTop: false };

/** How a tune is voiced before the player has decided anything. */
export const defaultArrangement: Arrangement = {
  instrument: 'guitar',
  keyboardHands: 'two',
  room: rooms.alone,
  families: ['drop2'],
  tensions: 'as written',
  asked: {
    voices: defaultVoicingSettings.voices,
    strings: defaultVoicingSettings.strings,
    bottom: defaultVoicingSettings.bottom,
    incomplete: defaultVoicingSettings.incomplete,
    openStrings: defaultVoicingSettings.openStrings,
  },
  weights: defaultWeights,
  loop: true,
  locks: forEachInstrument(() => []),
  splits: [],
  pools: [],
  scales: [],
  line: noLine,
  returns: 'free',
  stayInPlace: false,
  comp: noComp,
};

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
