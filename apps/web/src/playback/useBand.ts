import type { BandPlan, Voicing } from '@drop-close/core';
import { useEffect, useMemo } from 'react';
import { useTune } from '../document/store';
import { engine } from '../engine/client';
import { useChorus } from '../engine/useChorus';
import type { PlanQuestion } from '../engine/protocol';
import { useHeading } from '../tune/heading';
import { useSelection } from '../tune/selection';
import { play, stop, usePlayer, whilePlaying, type Playing } from './player';
import { changePlan, chordPlan, notesPlan, poolPlan } from './snippets';

export interface Band {
  readonly toggleChorus: () => void;
  readonly hearChord: () => void;
  readonly hearChange: () => void;
  readonly hearBar: () => void;
  readonly hear: (voicing: Voicing) => void;
  readonly hearBars: (fromBar: number, toBar: number) => void;
  /** Pitches as MIDI notes: together, or one by one over others. */
  readonly hearNotes: (pitches: readonly number[]) => void;
  /** A plan at the tempo of the tune. */
  readonly hearPlan: (plan: BandPlan) => void;
  readonly hearPool: (chord: readonly number[], pool: readonly number[]) => void;
}

function useQuestion(): PlanQuestion {
  const { feel, tempo } = useHeading();
  return useMemo(() => ({ feel, tempo }), [feel, tempo]);
}

/** Tempo for a chord or a change heard by itself, whatever the tune's. */
const UNHURRIED = 90;

/** What can be heard from the desk. */
export function useBand(): Band {
  const chorus = useChorus();
  const { setup } = useTune();
  const { index, event } = useSelection();
  const question = useQuestion();
  const { meter } = useHeading();
  const path = chorus?.outcome.status === 'found' ? chorus.outcome.path : [];
  const base = { meter, instrument: setup.instrument };

  const playBars = async (what: Playing, bars: Partial<PlanQuestion>): Promise<void> => {
    if (!chorus) return;
    const plan = await engine.plan(chorus.id, { ...question, ...bars });
    if (plan) await play({ what, plan, tempo: question.tempo, ...base });
  };
  return {
    toggleChorus: () => {
      if (usePlayer.getState().playing) stop();
      else void playBars('chorus', {});
    },
    hearBar: () => {
      if (event) void playBars('bar', { fromBar: event.bar, toBar: event.bar });
    },
    hearBars: (fromBar, toBar) => {
      void playBars('bar', { fromBar, toBar });
    },
    hearNotes: (pitches) => {
      void play({ what: 'chord', plan: notesPlan(pitches), tempo: UNHURRIED, ...base });
    },
    hearPlan: (plan) => {
      void play({ what: 'voice', plan, tempo: question.tempo, ...base });
    },
    hearPool: (chord, pool) => {
      void play({ what: 'chord', plan: poolPlan(chord, pool), tempo: UNHURRIED, ...base });
    },
    hearChord: () => {
      const voicing = path[index];
      if (voicing)
        void play({ what: 'chord', plan: chordPlan(voicing), tempo: UNHURRIED, ...base });
    },
    hearChange: () => {
      const [from, to] = [path[index], path[(index + 1) % path.length]];
      if (!from || !to) return;
      void play({ what: 'change', plan: changePlan(from, to), tempo: UNHURRIED, ...base });
    },
    hear: (voicing) => {
      void play({ what: 'chord', plan: chordPlan(voicing), tempo: UNHURRIED, ...base });
    },
  };
}

/** Edits reach the music while it plays: chorus, tempo, feel, instrument. */
export function useBandInStep(): void {
  const chorus = useChorus();
  const question = useQuestion();
  const { instrument } = useTune().setup;
  useEffect(() => {
    if (usePlayer.getState().playing !== 'chorus' || !chorus) return;
    void engine.plan(chorus.id, question).then((plan) => {
      if (plan && usePlayer.getState().playing === 'chorus') whilePlaying.plan(plan);
    });
  }, [chorus, question]);
  useEffect(() => {
    whilePlaying.tempo(question.tempo);
  }, [question.tempo]);
  useEffect(() => {
    whilePlaying.instrument(instrument);
  }, [instrument]);
}

/** The chord that is sounding, or `undefined` when the chorus is not being played. */
export function useSoundingChord(): number | undefined {
  const chorus = useChorus();
  return usePlayer(({ playing, position }) => {
    if (playing !== 'chorus' || position === undefined || !chorus) return undefined;
    const found = chorus.timeline.events.findLastIndex((event) => event.at <= position + 1e-6);
    return found < 0 ? undefined : found;
  });
}
