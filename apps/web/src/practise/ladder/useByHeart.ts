import { itemKey, type LayerItem, type Rung } from '@drop-close/core';
import { useState } from 'react';
import { usePractised } from '../items/usePractice';

/** How far a tune is known by heart. */
interface ByHeart {
  readonly rung: Rung;
  /** Slots that were missed the last time. */
  readonly missed: readonly string[];
  /** Says which symbols are covered; another one each time. */
  readonly seed: number;
  /** Another rung than the one that follows from what was recalled. */
  readonly setRung: (rung: Rung) => void;
  /** The next round. */
  readonly goOn: () => void;
}

interface Round {
  readonly rung: Rung;
  readonly missed: readonly string[];
  readonly seed: number;
}

/** Where the player stands on the ladder of a tune: as its last review has it. A round that has begun stays as it is. */
export function useByHeart(tuneId: string): ByHeart {
  const { known, isHere } = usePractised();
  const item: LayerItem = { kind: 'layer', layer: 'memory', tuneId };
  const schedule = known.find((each) => itemKey(each.item) === itemKey(item))?.schedule;
  const { rung = 'some symbols', missed = [] } = schedule?.recalled ?? {};
  const seed = (schedule?.reviews ?? 0) + 1;
  const [round, setRound] = useState<Round>();
  if (!round && isHere) setRound({ rung, missed, seed });
  const now = round ?? { rung, missed, seed };
  return {
    ...now,
    setRung: (wanted) => {
      setRound({ rung: wanted, missed, seed: now.seed + 1 });
    },
    goOn: () => {
      setRound({ rung, missed, seed: now.seed + 1 });
    },
  };
}
