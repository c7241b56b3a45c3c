import {
  isLineLayer,
  layerLine,
  patternLayer,
  rooms,
  type Change,
  type LayerId,
  type LayerNote,
  type Voicing,
} from '@drop-close/core';
import { useEffect, useMemo, useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import { Overtaken } from '../../engine/newest';
import type { VoicedChorus } from '../../engine/protocol';
import { useInstruments } from '../../profile/useInstruments';
import { useLineWish, usePlayed } from './lineWish';

/** What of a layer is seen and played: a line, or the voicings of every chord. */
export interface LayerContent {
  readonly line: readonly LayerNote[];
  readonly path: readonly Voicing[];
  readonly changes: readonly Change[];
  /** Why there is nothing, in words. */
  readonly problem: string | undefined;
}

const NO_LINE: readonly LayerNote[] = [];

/** The content of a layer; `undefined` while it is being worked out. */
export function useLayer(chorus: VoicedChorus, layer: LayerId): LayerContent | undefined {
  const { setup } = useTune();
  const shells = useShells(chorus, layer === 'shells');
  const voiced = layer === 'shells' ? shells : chorus;
  const wish = useLineWish(setup.instrument, isLineLayer(layer) ? layer : undefined);
  const {
    range: { low, high },
    pace,
  } = wish;
  const played = usePlayed(setup.instrument, layer);
  return useMemo(() => {
    if (!voiced) return undefined;
    const { outcome, timeline } = voiced;
    const found = outcome.status === 'found';
    const line = isLineLayer(layer)
      ? layerLine(layer, timeline, { range: { low, high }, pace })
      : found
        ? patternLayer(timeline, outcome.path, played)
        : NO_LINE;
    return {
      line,
      path: found ? outcome.path : [],
      changes: found ? outcome.changes : [],
      problem: found ? undefined : outcome.why,
    };
  }, [voiced, layer, low, high, pace, played]);
}

/** The chorus in shells on the instrument of the arrangement, whatever it is voiced in. */
function useShells(chorus: VoicedChorus, wanted: boolean): VoicedChorus | undefined {
  const { text, places, meter, key, setup } = useTune();
  const instruments = useInstruments();
  const [answer, setAnswer] = useState<{ of: VoicedChorus; shells: VoicedChorus }>();
  useEffect(() => {
    if (!wanted) return;
    // With their roots, whoever else plays: that is what is practised.
    const own = {
      ...setup,
      room: rooms.alone,
      families: ['shell' as const],
      locks: { ...setup.locks, [setup.instrument]: [] },
    };
    engine.compare([{ text, places, meter, key, setup: own, instruments }]).then(
      ([shells]) => {
        if (shells) setAnswer({ of: chorus, shells });
      },
      (error: unknown) => {
        if (!(error instanceof Overtaken)) throw error;
      },
    );
  }, [wanted, chorus, text, places, meter, key, setup, instruments]);
  return answer?.of === chorus ? answer.shells : undefined;
}
