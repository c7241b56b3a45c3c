import { itemKey, playedLayer, type BandPlan, type LayerItem } from '@drop-close/core';
import { useEffect } from 'react';
import { engine } from '../../engine/client';
import type { VoicedChorus } from '../../engine/protocol';
import { useTune } from '../../document/store';
import { useOwnMusic, type Bars } from '../../playback/ownMusic';
import { playOnceMade, whilePlaying, type PlayRequest } from '../../playback/player';
import { planLatest, startOf } from '../../playback/useBand';
import { useHeading } from '../../place/heading';
import { usePractisedTempo } from '../items/usePractisedTempo';
import { setTempoPlayed } from '../items/tempoPlayed';
import { partLeftOut } from '../listening/earStore';
import { usePlayed } from '../layer/lineWish';
import { partOf } from '../layer/partOf';
import type { LayerContent } from '../layer/useLayer';
import { useOnceThere } from '../../ui/useOnceThere';

/** What is new begins at this share of the tempo of the tune. */
const SLOW = 0.6;

/** The tempo an item is practised in: this visit's, else what follows from the last time, else slow. */
export function useLayerTempo(item: LayerItem): number {
  const { tempo: goal } = useHeading();
  return usePractisedTempo(item, Math.round(goal * SLOW), goal);
}

/** Puts the layer in the place of the chorus for whoever plays: the space bar, the button at the foot. */
export function useLayerMusic(
  chorus: VoicedChorus,
  item: LayerItem,
  content: LayerContent | undefined,
): void {
  const { feel, meter } = useHeading();
  const { instrument } = useTune().setup;
  const tempo = useLayerTempo(item);
  const played = usePlayed(instrument, item.layer);
  const contentOnce = useOnceThere(content);
  useEffect(() => {
    const setTempo = (next: number): void => {
      setTempoPlayed(item, next);
      whilePlaying.tempo(next);
    };
    const planOf = async (bars: Bars): Promise<BandPlan | undefined> => {
      if (item.layer === 'comp') return planLatest((music) => music.plan({ feel, tempo }, bars));
      const { line, path } = await contentOnce();
      const solo = line.length ? { solo: { notes: playedLayer(line), written: true } } : {};
      return engine.plan(chorus.id, { feel, tempo, path, ...bars, ...solo });
    };
    const make = async (bars: Bars): Promise<PlayRequest | undefined> => {
      const plan = await planOf(bars);
      if (!plan) return undefined;
      setTempoPlayed(item, tempo);
      const from = startOf(chorus, bars);
      const silent = partLeftOut(partOf(item.layer, played));
      return { what: 'layer', plan, from, tempo, meter, feel, instrument, silent };
    };
    const music = {
      ...{ name: `the ${item.layer}`, tempo, setTempo },
      play: (bars: Bars) => void playOnceMade('layer', () => make(bars)),
    };
    useOwnMusic.setState({ music });
    return () => {
      useOwnMusic.setState({ music: undefined });
    };
    // Another object each time it is drawn; what it says is what counts.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [chorus, contentOnce, feel, meter, instrument, tempo, played, itemKey(item)]);
}
