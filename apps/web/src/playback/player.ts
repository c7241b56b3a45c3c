import {
  countIn,
  type BandPlan,
  type InstrumentKind,
  type Meter,
  type Part,
} from '@drop-close/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { HORIZON, Scheduler, withLeadIn } from './scheduler';
import type { Synth } from './synth';

export type Playing = 'chorus' | 'bar' | 'chord' | 'change' | 'voice';

/** How the player likes to hear; kept in this browser. */
export interface Listening {
  readonly countIn: boolean;
  readonly loop: boolean;
  /** 0..100 for each part. */
  readonly volume: Readonly<Record<Part, number>>;
}

interface PlayerState extends Listening {
  readonly playing: Playing | undefined;
  readonly loading: boolean;
  readonly failure: string | undefined;
  /** In quarters from the beginning of the plan; below 0 while counting in. */
  readonly position: number | undefined;
  readonly setListening: (change: Partial<Listening>) => void;
}

export const usePlayer = create<PlayerState>()(
  persist(
    (set) => ({
      playing: undefined,
      loading: false,
      failure: undefined,
      position: undefined,
      countIn: true,
      loop: true,
      volume: { comp: 90, bass: 80, drums: 60, click: 70 },
      setListening: (change) => {
        set(change);
      },
    }),
    {
      name: 'drop-close listening',
      partialize: ({ countIn: counts, loop, volume }) => ({ countIn: counts, loop, volume }),
    },
  ),
);

/** Lead before the first note, so that nothing is late, in seconds. */
const LEAD = 0.08;
const TICK_MS = 25;
const NO_CLICKS: BandPlan = { notes: [], length: 0, pickup: 0 };

export interface PlayRequest {
  readonly what: Playing;
  readonly plan: BandPlan;
  readonly tempo: number;
  readonly meter: Meter;
  readonly instrument: InstrumentKind;
}

let loading: Promise<Synth> | undefined;
let session:
  { scheduler: Scheduler; synth: Synth; timer: ReturnType<typeof setInterval> } | undefined;

/** The synthesiser comes with the first sound, not with the page. */
async function band(): Promise<Synth> {
  loading ??= import('./synth').then(({ Synth }) => Synth.load());
  try {
    return await loading;
  } catch (error) {
    loading = undefined;
    throw error;
  }
}

export async function play(request: PlayRequest): Promise<void> {
  stop();
  usePlayer.setState({ loading: true, failure: undefined, playing: request.what });
  try {
    const synth = await band();
    await synth.context.resume();
    if (usePlayer.getState().playing === request.what) start(synth, request);
  } catch (error) {
    const failure = error instanceof Error ? error.message : String(error);
    usePlayer.setState({ failure, playing: undefined });
  } finally {
    usePlayer.setState({ loading: false });
  }
}

function start(synth: Synth, { what, plan, tempo, meter, instrument }: PlayRequest): void {
  const { countIn: counts, loop, volume } = usePlayer.getState();
  synth.open();
  synth.setInstrument(instrument);
  for (const part of ['comp', 'bass', 'drums'] as const) synth.setVolume(part, volume[part]);
  const output = {
    play: (note: BandPlan['notes'][number], at: number, until: number) => {
      synth.play(note, at, until);
    },
    end: stop,
  };
  const clicks = what === 'chorus' && counts ? countIn(meter) : NO_CLICKS;
  const leadIn = Math.max(clicks.length, plan.pickup);
  const begin = synth.context.currentTime + LEAD + (leadIn * 60) / tempo;
  const loops = loop && (what === 'chorus' || what === 'bar');
  const scheduler = new Scheduler(withLeadIn(plan, clicks), begin, tempo, loops, output);
  const onTick = (): void => {
    const now = synth.context.currentTime;
    usePlayer.setState({ position: scheduler.position(now) });
    scheduler.tick(now);
  };
  session = { scheduler, synth, timer: setInterval(onTick, TICK_MS) };
  onTick();
}

export function stop(): void {
  usePlayer.setState({ playing: undefined, position: undefined });
  if (!session) return;
  const { timer, synth } = session;
  clearInterval(timer);
  session = undefined;
  synth.silence();
  // What was handed over ahead of time has passed by then.
  setTimeout(() => {
    if (!session) synth.stopVoices();
  }, HORIZON * 1000);
}

/** Changes that reach the music while it plays. */
export const whilePlaying = {
  tempo: (tempo: number): void => {
    session?.scheduler.setTempo(tempo, session.synth.context.currentTime);
  },
  plan: (plan: BandPlan): void => {
    session?.scheduler.replace(plan, session.synth.context.currentTime);
  },
  loop: (loop: boolean): void => {
    if (session) session.scheduler.loop = loop;
  },
  volume: (part: Part, volume: number): void => {
    session?.synth.setVolume(part, volume);
  },
  instrument: (kind: InstrumentKind): void => {
    session?.synth.setInstrument(kind);
  },
};
