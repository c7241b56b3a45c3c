import {
  countIn,
  inChoruses,
  mixOf,
  PARTS,
  transposedPlan,
  type BandPlan,
  type Feel,
  type InstrumentId,
  type Meter,
  type Mix,
  type Part,
  type PlannedNote,
} from '@drop-close/core';
import { semitonesAt, tempoAt } from './passes';
import { HORIZON, Scheduler, withLeadIn, type Pass } from './scheduler';
import type { Synth } from './synth';
import { faderGain, loudnessOf, usePlayer, type Playing } from './usePlayer';

/** Lead before the first note, so that nothing is late, in seconds. */
const LEAD = 0.05;
const TICK_MS = 25;
const NO_CLICKS: BandPlan = { notes: [], length: 0, pickup: 0 };

export interface PlayRequest {
  readonly what: Playing;
  readonly plan: BandPlan;
  /** Where the plan begins in the chorus, in quarters from bar 1. Default 0. */
  readonly from?: number;
  readonly tempo: number;
  readonly meter: Meter;
  /** For the count-in. Default swing. */
  readonly feel?: Feel;
  readonly instrument: InstrumentId;
  /** A part that is left to whoever plays along. */
  readonly silent?: Part | undefined;
  /** It does not come round, whatever is looped. Default false. */
  readonly once?: boolean;
}

let loading: Promise<Synth> | undefined;
let session: Session | undefined;
/** What waits for the sounds, or is still being made. Only the last that was asked for is played. */
let waiting: symbol | undefined;

interface Session {
  readonly scheduler: Scheduler;
  readonly synth: Synth;
  readonly timer: ReturnType<typeof setInterval>;
  /** As it is the first time round. */
  plan: BandPlan;
  instrument: InstrumentId;
  /** The balance it is heard in. */
  mix: Mix;
  tempo: number;
  /** Which time round the tempo was set in: what grows from time to time grows from there. */
  tempoSince: number;
  silent: Part | undefined;
}

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

/** The sounds are made ready, so that the first note comes at once. To be called while the player does something: browsers let no page sound before. */
export function warmUp(): void {
  // Where it fails it is tried again, and told, with the first sound.
  band().catch(() => undefined);
}

export const play = (request: PlayRequest): Promise<void> =>
  playOnceMade(request.what, () => Promise.resolve(request));

/** Plays what is still to be made; not where it is stopped, or something else asked for, before. */
export async function playOnceMade(
  what: Playing,
  make: () => Promise<PlayRequest | undefined>,
): Promise<void> {
  stop();
  const own = Symbol(what);
  waiting = own;
  usePlayer.setState({ loading: true, failure: undefined, playing: what });
  try {
    const [synth, request] = await Promise.all([band(), make()]);
    await synth.context.resume();
    if (waiting !== own) return;
    if (request) start(synth, request);
    else usePlayer.setState({ playing: undefined });
  } catch (error) {
    const failure = error instanceof Error ? error.message : String(error);
    if (waiting === own) usePlayer.setState({ failure, playing: undefined });
  } finally {
    if (waiting === own) noLongerWait();
  }
}

function noLongerWait(): void {
  waiting = undefined;
  usePlayer.setState({ loading: false });
}

function start(
  synth: Synth,
  { what, plan, from = 0, tempo, meter, feel = 'swing', instrument, silent, once }: PlayRequest,
): void {
  const listening = usePlayer.getState();
  synth.open();
  synth.setInstrument(instrument);
  synth.setKit(plan.kit ?? 'sticks');
  const mix = mixOf(plan, tempo, instrument);
  setLoudness(synth, mix);
  const isRound = what === 'chorus' || what === 'layer';
  const clicks = isRound && listening.countIn ? countIn(meter, feel, tempo) : NO_CLICKS;
  const leadIn = Math.max(clicks.length, plan.pickup);
  const begin = synth.context.currentTime + LEAD + (leadIn * 60) / tempo;
  const loops = !once && listening.loop && (isRound || what === 'bar');
  const output = { play: soundNote(synth), end: ringOut, pass: nextPass };
  const scheduler = new Scheduler(withLeadIn(plan, clicks), begin, tempo, loops, output);
  const onTick = (): void => {
    const now = synth.context.currentTime;
    const position = inChoruses(session?.plan ?? plan, scheduler.position(now));
    usePlayer.setState({ position, late: scheduler.late });
    scheduler.tick(now);
  };
  usePlayer.setState({ from, pass: { count: 0, tempo, semitones: 0 } });
  const timer = setInterval(onTick, TICK_MS);
  session = { scheduler, synth, plan, instrument, mix, tempo, tempoSince: 0, silent, timer };
  onTick();
}

/** A click that is not counting in is heard only where it is asked for. */
const soundNote =
  (synth: Synth) =>
  (note: PlannedNote, at: number, until: number): void => {
    if (note.part === session?.silent) return;
    if (note.part !== 'click') {
      synth.play(note, at, until);
      return;
    }
    const { click, alone } = usePlayer.getState();
    const asked = click || alone === 'click';
    if (note.at < 0 || asked) synth.play(note, at, until);
  };

function nextPass(count: number): Pass | undefined {
  if (!session) return undefined;
  const { passes } = usePlayer.getState();
  const { plan, tempo, tempoSince } = session;
  const pass = {
    plan: transposedPlan(plan, semitonesAt(passes, count)),
    tempo: tempoAt(passes, tempo, count - tempoSince),
  };
  usePlayer.setState({
    pass: { count, tempo: pass.tempo, semitones: semitonesAt(passes, count) },
  });
  return pass;
}

/** In the balance of the plan, as far as the faders are where they were. */
function setLoudness(synth: Synth, mix: Mix): void {
  const listening = usePlayer.getState();
  for (const part of PARTS) {
    // Counting in is heard, whoever is alone.
    const fader = part === 'click' ? listening.volume.click : loudnessOf(part, listening);
    synth.setGain(part, mix[part] + faderGain(fader));
  }
}

/** The music is over by itself: what sounds rings out. */
function ringOut(): Session | undefined {
  usePlayer.setState({ playing: undefined, position: undefined });
  const ended = session;
  clearInterval(ended?.timer);
  session = undefined;
  return ended;
}

export function stop(): void {
  noLongerWait();
  const ended = ringOut();
  if (!ended) return;
  const { synth } = ended;
  synth.silence();
  // What was handed over ahead of time has passed by then.
  setTimeout(() => {
    if (!session) synth.stopVoices();
  }, HORIZON * 1000);
}

/** Changes that reach the music while it plays. */
export const whilePlaying = {
  tempo: (tempo: number): void => {
    if (!session || session.tempo === tempo) return;
    const { pass } = usePlayer.getState();
    session.tempo = tempo;
    session.tempoSince = pass.count;
    session.scheduler.setTempo(tempo, session.synth.context.currentTime);
    usePlayer.setState({ pass: { ...pass, tempo } });
  },
  plan: (plan: BandPlan): void => {
    if (!session) return;
    session.plan = plan;
    const { semitones } = usePlayer.getState().pass;
    const now = session.synth.context.currentTime;
    session.scheduler.replace(transposedPlan(plan, semitones), now);
    session.synth.setKit(plan.kit ?? 'sticks');
    session.mix = mixOf(plan, session.tempo, session.instrument);
    setLoudness(session.synth, session.mix);
  },
  loop: (loop: boolean): void => {
    if (session) session.scheduler.loop = loop;
  },
  loudness: (): void => {
    if (session) setLoudness(session.synth, session.mix);
  },
  silent: (part: Part | undefined): void => {
    if (session) session.silent = part;
  },
  instrument: (id: InstrumentId): void => {
    if (!session) return;
    session.instrument = id;
    session.mix = mixOf(session.plan, session.tempo, id);
    session.synth.setInstrument(id);
    setLoudness(session.synth, session.mix);
  },
};

/** Where the music is at this very moment, in quarters from bar 1; `undefined` when nothing plays. */
export const positionNow = (): number | undefined =>
  momentNow((scheduler, heard) =>
    inChoruses(session?.plan ?? NO_CLICKS, scheduler.position(heard)),
  );

/** The same counted on from one time round to the next. */
export const elapsedNow = (): number | undefined =>
  momentNow((scheduler, heard) => scheduler.elapsed(heard));

/** What is played, as it is the first time round. */
export const planNow = (): BandPlan | undefined => session?.plan;

function momentNow(of: (scheduler: Scheduler, heard: number) => number): number | undefined {
  if (!session) return undefined;
  const { context } = session.synth;
  const heard = context.currentTime - (context.outputLatency || 0);
  return of(session.scheduler, heard) + usePlayer.getState().from;
}

/** Sounds a note that is played in while the music goes on; a velocity of 0 ends it. */
export const strike = (midi: number, velocity: number): void => {
  session?.synth.strike(midi, velocity);
};
