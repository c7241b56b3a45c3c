import { noComp } from '../comp/defaults';
import { defaultWeights } from '../connect/data';
import { rooms } from '../voicing/data';
import type { RoomId } from '../voicing/types';
import { noLine } from './arrangement';
import type { Arrangement } from './types';

/** The fourth shape: nothing of comping. */
interface ArrangementV4 extends Omit<Arrangement, 'version' | 'comp'> {
  readonly version: 4;
}

/** The third shape: no splits, no top line, nothing said of returns, and three weights fewer. */
interface ArrangementV3 extends Omit<
  ArrangementV4,
  'version' | 'weights' | 'splits' | 'line' | 'returns'
> {
  readonly version: 3;
  readonly weights: Omit<Arrangement['weights'], 'drift' | 'line' | 'variety'>;
}

/** The second shape: no weight for block shifts. */
interface ArrangementV2 extends Omit<ArrangementV3, 'version' | 'weights'> {
  readonly version: 2;
  readonly weights: Omit<ArrangementV3['weights'], 'parallel'>;
}

/** The first shape: one of five rooms by its name, no tensions, no weight for the sound. */
interface ArrangementV1 extends Omit<ArrangementV2, 'version' | 'room' | 'tensions' | 'weights'> {
  readonly version: 1;
  readonly room: RoomId;
  readonly weights: Omit<ArrangementV2['weights'], 'sound'>;
}

export type StoredArrangement =
  Arrangement | ArrangementV4 | ArrangementV3 | ArrangementV2 | ArrangementV1;

/** Brings an arrangement stored in an older shape up to today's; one of today's is returned as it is. */
export function upgradeArrangement(stored: StoredArrangement): Arrangement {
  switch (stored.version) {
    case 5:
      return stored;
    case 4:
      return { ...stored, version: 5, comp: noComp };
    case 3:
      return upgradeArrangement({
        ...stored,
        version: 4,
        weights: { ...defaultWeights, ...stored.weights },
        splits: [],
        line: noLine,
        returns: 'free',
      });
    case 2:
      return upgradeArrangement({
        ...stored,
        version: 3,
        weights: { ...defaultWeights, ...stored.weights },
      });
    case 1:
      return upgradeArrangement({
        ...stored,
        version: 2,
        room: rooms[stored.room],
        tensions: 'as written',
        weights: { ...defaultWeights, ...stored.weights },
      });
  }
}
