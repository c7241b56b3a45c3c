import type { BandPlan, SoloLine, Timeline, Voicing } from '@drop-close/core';
import { useEffect, useMemo } from 'react';
import { useTune } from '../document/store';
import { askLatest } from '../engine/askLatest';
import { engine } from '../engine/client';
import { useChorus, useChorusStore } from '../engine/useChorus';
import { useComposition, useCompositionStore } from '../engine/useComposition';
import type { ComposedChoruses, PlanQuestion, VoicedChorus } from '../engine/protocol';
import { useHeading } from '../place/heading';
import { useSelection } from '../place/selection';
import { useOwnMusic, type Bars } from './ownMusic';
import { play, playOnceMade, stop, whilePlaying } from './player';
import { usePlayer, type Playing } from './usePlayer';
import { soundingAmong } from './soundingAmong';
import { changePlan, chordPlan, inARow, notesPlan, poolPlan } from './snippets';

/** What is played: on the Comp screen all choruses as they are comped, elsewhere the one, plainly. */
interface Music {
  readonly timeline: Timeline;
  readonly path: readonly Voicing[];
  readonly plan: (question: PlanQuestion, bars: Bars) => Promise<BandPlan | undefined>;
}

type Answer = VoicedChorus | ComposedChoruses;

function musicOf(answer: Answer): Music {
  const { id, timeline } = answer;
  if ('outcome' in answer) {
    const { outcome } = answer;
    return {
      timeline,
      path: outcome.status === 'found' ? outcome.path : [],
      plan: (question, bars) => engine.plan(id, { ...question, ...bars }),
    };
  }
  const { voiced } = answer;
  return {
    timeline,
    path: voiced.status === 'found' ? voiced.path : [],
    plan: ({ tempo }, bars) =>
      engine.band(id, { ...bars, tempo, ends: !usePlayer.getState().loop }),
  };
}

function useMusic(): Music | undefined {
  const chorus = useChorus();
  const composed = useComposition();
  const answer = composed ?? chorus;
  return useMemo(() => answer && musicOf(answer), [answer]);
}

/** Asks for a plan of the music as it is once all edits so far are voiced and composed. */
export const planLatest = <T>(
  ask: (music: Music) => Promise<T | undefined>,
): Promise<T | undefined> =>
  askLatest<Answer, T>(
    [useChorusStore, useCompositionStore],
    () => useCompositionStore.getState().composed ?? useChorusStore.getState().chorus,
    (answer) => ask(musicOf(answer)),
  );

/** The bars that come round, as far as this music has them; else all. */
function loopedBars(music: Music | undefined): Bars {
  const { stretch } = usePlayer.getState();
  const last = music?.timeline.bars.at(-1)?.number ?? 0;
  if (!stretch || stretch.fromBar > last) return {};
  return { fromBar: stretch.fromBar, toBar: Math.min(last, stretch.toBar) };
}

/** Where some bars begin, in quarters from bar 1. */
export const startOf = ({ timeline }: Pick<Music, 'timeline'>, { fromBar }: Bars): number =>
  fromBar === undefined ? 0 : (timeline.bars.find(({ number }) => number === fromBar)?.at ?? 0);

export interface Band {
  readonly toggleChorus: () => void;
  readonly hearChord: () => void;
  readonly hearChange: () => void;
  readonly hearBar: () => void;
  readonly hear: (voicing: Voicing) => void;
  readonly hearBars: (fromBar: number, toBar: number) => void;
  /** A line in time with the band, over all bars or some. */
  readonly hearOver: (solo: SoloLine, bars?: Omit<Bars, 'solo'>) => void;
  /** Two pools over one chord, one after the other. */
  readonly hearPools: (chord: readonly number[], pools: readonly (readonly number[])[]) => void;
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
  const { setup } = useTune();
  const { index, event } = useSelection();
  const question = useQuestion();
  const { meter, feel } = useHeading();
  const music = useMusic();
  const path = music?.path ?? [];
  const base = { meter, feel, instrument: setup.instrument };

  const playBars = (what: Playing, barsOf: (latest: Music) => Bars): void => {
    void playOnceMade(what, () =>
      planLatest(async (latest) => {
        const bars = barsOf(latest);
        const plan = await latest.plan(question, bars);
        const from = startOf(latest, bars);
        return plan && { what, plan, from, tempo: question.tempo, ...base };
      }),
    );
  };
  return {
    toggleChorus: () => {
      const own = useOwnMusic.getState().music;
      if (usePlayer.getState().playing) stop();
      else if (own) own.play(loopedBars(music));
      else playBars('chorus', loopedBars);
    },
    hearBar: () => {
      if (event) playBars('bar', () => ({ fromBar: event.bar, toBar: event.bar }));
    },
    hearBars: (fromBar, toBar) => {
      playBars('bar', () => ({ fromBar, toBar }));
    },
    hearOver: (solo, bars = {}) => {
      playBars('bar', () => ({ ...bars, solo }));
    },
    hearPools: (chord, pools) => {
      const plan = inARow(pools.map((pool) => poolPlan(chord, pool)));
      void play({ what: 'chord', plan, tempo: UNHURRIED, ...base });
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

/** Edits reach the music while it plays: chorus, hits, tempo, feel, instrument. */
export function useBandInStep(): void {
  const music = useMusic();
  const question = useQuestion();
  const { instrument } = useTune().setup;
  const loop = usePlayer((state) => state.loop);
  useEffect(() => {
    if (usePlayer.getState().playing !== 'chorus' || !music) return;
    void music.plan(question, loopedBars(music)).then((plan) => {
      if (plan && usePlayer.getState().playing === 'chorus') whilePlaying.plan(plan);
    });
  }, [music, question, loop]);
  useEffect(() => {
    whilePlaying.tempo(question.tempo);
  }, [question.tempo]);
  useEffect(() => {
    whilePlaying.instrument(instrument);
  }, [instrument]);
}

/** The chord that is sounding, or `undefined` when the chorus is not being played. */
export function useSoundingChord(): number | undefined {
  const music = useMusic();
  return usePlayer(({ playing, position, from }) => {
    if (playing !== 'chorus' && playing !== 'layer') return undefined;
    if (position === undefined || !music) return undefined;
    const found = music.timeline.events.findLastIndex(
      (event) => event.at <= from + position + 1e-6,
    );
    return found < 0 ? undefined : found;
  });
}

/**
 * Which chord of a chart sounds, while it is played. The music may have more chords than the chart: those that are
 * split, or moved to.
 */
export function useSoundingAmong(time: Timeline): number | undefined {
  const music = useMusic();
  const sounding = useSoundingChord();
  const event = sounding === undefined ? undefined : music?.timeline.events[sounding];
  const found = event ? soundingAmong(time, event.at) : -1;
  return found < 0 ? undefined : found;
}
