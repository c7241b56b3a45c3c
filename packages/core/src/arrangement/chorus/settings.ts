import { defaultSettings } from '../../connect/base/data';
import type { ConnectSettings } from '../../connect/base/types';
import { defaultInstruments } from '../../voicing/data';
import type { Chorus } from './chorus';
import { instrumentOf } from '../stored/defaults';
import { heldLocks } from '../stored/heldLocks';
import type { Arrangement } from '../stored/types';
import { wishesOf } from './wishes';

/**
 * The settings of the engine for an arrangement of a chorus. Locks and notes that do not hold at their
 * chords as they are now are left out, and a chord that no chosen family voices is lent one.
 */
export function settingsOf(
  arrangement: Arrangement,
  chorus: Chorus,
  instruments = defaultInstruments,
): ConnectSettings {
  const { room, families, tensions, asked, weights, loop, stayInPlace } = arrangement;
  const instrument = instrumentOf(arrangement, instruments);
  const { held } = heldLocks(arrangement, chorus.chords, instruments);
  const locks = Object.fromEntries(held.map(({ at, voicing }) => [at, voicing]));
  const asks = wishesOf(arrangement.line, chorus);
  const wishes = stayInPlace ? { ...asks, phraseEnds: [] } : asks;
  const chosen = { instrument, room, families, tensions, weights, loop, locks, wishes };
  return { ...defaultSettings, ...chosen, ...asked, lendFamily: true };
}
