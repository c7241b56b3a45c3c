import { defaultWeights } from '../connect/data';
import { rooms } from '../voicing/data';
import type { RoomId } from '../voicing/types';
import type { Arrangement } from './types';

/** The first shape: one of five rooms by its name, no tensions, no weight for the sound. */
interface ArrangementV1 extends Omit<Arrangement, 'version' | 'room' | 'tensions' | 'weights'> {
  readonly version: 1;
  readonly room: RoomId;
  readonly weights: Omit<Arrangement['weights'], 'sound'>;
}

export type StoredArrangement = Arrangement | ArrangementV1;

/** Brings an arrangement stored in an older shape up to today's; one of today's is returned as it is. */
export function upgradeArrangement(stored: StoredArrangement): Arrangement {
  if (stored.version === 2) return stored;
  return {
    ...stored,
    version: 2,
    room: rooms[stored.room],
    tensions: 'as written',
    weights: { ...defaultWeights, ...stored.weights },
  };
}
