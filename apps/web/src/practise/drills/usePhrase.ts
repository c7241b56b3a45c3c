import {
  passMeasured,
  phrases,
  playedLayer,
  type Answered,
  type LayerId,
  type Part,
  type PassJudgement,
  type Phrase,
} from '@drop-close/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useTune } from '../../document/store';
import { engine } from '../../engine/client';
import type { VoicedChorus } from '../../engine/protocol';
import { useHeading } from '../../place/heading';
import { playOnceMade, stop, whilePlaying, type PlayRequest } from '../../playback/player';
import { useOwnMusic } from '../../playback/ownMusic';
import { startOf } from '../../playback/useBand';
import { setTempoPlayed } from '../items/tempoPlayed';
import { usePractisedTempo } from '../items/usePractisedTempo';
import { useListening } from '../listening/useListening';
import { usePlayed } from '../layer/lineWish';
import { partOf } from '../layer/partOf';
import { useLayer, type LayerContent } from '../layer/useLayer';
import { useOnceThere } from '../../ui/useOnceThere';

/** What is new begins at this share of the tempo of the tune. */
const SLOW = 0.6;

export interface PhraseDrill {
  readonly phrase: Phrase | undefined;
  readonly content: LayerContent | undefined;
  /** In quarter notes a minute. */
  readonly tempo: number;
  /** What of the band plays the layer. */
  readonly part: Part;
  /** How it went, once it was played: heard, or said. */
  readonly verdict: Answered | undefined;
  readonly judged: PassJudgement | undefined;
  readonly answers: readonly Answered[];
  /** Plays it: by the band without the layer, or with it. */
  readonly begin: (withLayer: boolean) => void;
  readonly say: (right: boolean) => void;
  readonly next: () => void;
}

/** Phrases of a layer, played in time with the band. */
export function usePhrase(chorus: VoicedChorus, tuneId: string, layer: LayerId): PhraseDrill {
  const { feel, meter, tempo: goal } = useHeading();
  const { instrument } = useTune().setup;
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 31));
  const draw = useMemo(() => phrases(chorus.timeline, seed), [chorus.timeline, seed]);
  const [phrase, setPhrase] = useState(() => draw());
  const content = useLayer(chorus, layer);
  const [answers, setAnswers] = useState<readonly Answered[]>([]);
  const [verdict, setVerdict] = useState<Answered>();
  const [judged, setJudged] = useState<PassJudgement>();
  const item = { kind: 'layer', layer, tuneId } as const;
  const tempo = usePractisedTempo(item, Math.round(goal * SLOW), goal);
  const part = partOf(layer, usePlayed(instrument, layer));
  useEffect(() => stop, []);
  const answer = (given: Pick<Answered, 'right' | 'looseness'>): void => {
    if (verdict) return;
    const bars = phrase ? phrase.toBar - phrase.fromBar + 1 : 0;
    const own = { ...given, seconds: (bars * meter.beats * 60) / tempo };
    setVerdict(own);
    setAnswers((before) => [...before, own]);
  };
  useListening(part, (heard) => {
    setJudged(heard);
    answer(passMeasured(heard));
  });
  const contentOnce = useOnceThere(content);
  const make = async (bars: Phrase, withLayer: boolean): Promise<PlayRequest | undefined> => {
    const { line, path } = await contentOnce();
    const solo = line.length ? { solo: { notes: playedLayer(line), written: true } } : {};
    const comp = line.length ? [] : path;
    const plan = await engine.plan(chorus.id, { feel, tempo, path: comp, ...bars, ...solo });
    const how = { from: startOf(chorus, bars), tempo, meter, feel, instrument, once: true };
    return plan && { what: 'layer', plan, ...how, silent: withLayer ? undefined : part };
  };
  const begin = (withLayer: boolean): void => {
    if (phrase) void playOnceMade('layer', () => make(phrase, withLayer));
  };
  const latest = useRef(begin);
  useEffect(() => {
    latest.current = begin;
  });
  useEffect(() => {
    const setTempo = (next: number): void => {
      setTempoPlayed({ kind: 'layer', layer, tuneId }, next);
      whilePlaying.tempo(next);
    };
    const playPhrase = (): void => {
      latest.current(false);
    };
    useOwnMusic.setState({ music: { name: 'the phrase', tempo, setTempo, play: playPhrase } });
    return () => {
      useOwnMusic.setState({ music: undefined });
    };
  }, [layer, tuneId, tempo]);
  return {
    ...{ phrase, content, tempo, part, verdict, judged, answers },
    begin,
    say: (right) => {
      answer({ right: right ? 1 : 0 });
    },
    next: () => {
      stop();
      setVerdict(undefined);
      setJudged(undefined);
      setPhrase(draw());
    },
  };
}
