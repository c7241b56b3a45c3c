import type {
  Alternative,
  AppliedDevice,
  BandPlan,
  ChartAnalysis,
  CompBehind,
  DeviceOffer,
  EasierForm,
  EtudeRequest,
  FamilyId,
  FamilyTable,
  Instruments,
  LaidOver,
  LayOverRequest,
  Learned,
  RankedPath,
  Result,
  Scope,
  NamedScore,
  Score,
  ScoreSound,
  SoloLine,
  StandInRequest,
  StoredTaste,
  TasteChoice,
  Under,
  Voicing,
  Sheet,
  SheetRequest,
} from '@drop-close/core';
import { wrap, type Remote } from 'comlink';
import { newestWins } from './newest';
import type {
  AskedQuestion,
  BandQuestion,
  ComposedChoruses,
  ComposeQuestion,
  DrillRequest,
  Engine,
  MadeEtude,
  MeetingAnswer,
  PlanQuestion,
  ReadRequest,
  VoicedChorus,
  VoicedPath,
  VoiceRequest,
} from './protocol';

/** Thrown at a request that was cancelled. */
export class Cancelled extends Error {}

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<Engine>;
  /** Rejects when the worker is stopped, so that nobody waits for an answer that never comes. */
  readonly stopped: Promise<never>;
  readonly stop: (reason: Error) => void;
}

function startWorker(): Running {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
  let stop: Running['stop'] = () => undefined;
  const stopped = new Promise<never>((_, reject) => {
    stop = reject;
  });
  stopped.catch(() => undefined);
  return { worker, remote: wrap<Engine>(worker), stopped, stop };
}

/** The typed way to the engine: one worker for the page, newest request first, cancellable. */
class EngineClient {
  private running: Running | undefined;

  readonly voice = newestWins<VoiceRequest, VoicedChorus>((request) =>
    this.ask((engine) => engine.voice(request)),
  );

  readonly read = newestWins<ReadRequest, ChartAnalysis>((request) =>
    this.ask((engine) => engine.read(request)),
  );

  alternatives(id: number, index: number, limit: number): Promise<Alternative[] | undefined> {
    return this.ask((engine) => engine.alternatives(id, index, limit));
  }

  preview(id: number, index: number, voicing: Voicing): Promise<VoicedPath | undefined> {
    return this.ask((engine) => engine.preview(id, index, voicing));
  }

  tasteChoice(
    id: number,
    index: number,
    voicing: Voicing,
    turnedDown: readonly Voicing[],
  ): Promise<TasteChoice | undefined> {
    return this.ask((engine) => engine.tasteChoice(id, index, voicing, turnedDown));
  }

  learnTaste(taste: StoredTaste): Promise<Learned | undefined> {
    return this.ask((engine) => engine.learnTaste(taste));
  }

  meet(id: number, at: number): Promise<MeetingAnswer | undefined> {
    return this.ask((engine) => engine.meet(id, at));
  }

  rankedPaths(id: number, limit: number): Promise<RankedPath[] | undefined> {
    return this.ask((engine) => engine.rankedPaths(id, limit));
  }

  compare(requests: readonly VoiceRequest[]): Promise<VoicedChorus[]> {
    return this.ask((engine) => engine.compare(requests));
  }

  easier(id: number, index: number, voicing: Voicing): Promise<EasierForm[] | undefined> {
    return this.ask((engine) => engine.easier(id, index, voicing));
  }

  browse(id: number, index: number, family: FamilyId): Promise<FamilyTable | undefined> {
    return this.ask((engine) => engine.browse(id, index, family));
  }

  readonly etude = newestWins<readonly [EtudeRequest, Instruments], MadeEtude>(
    ([request, instruments]) => this.ask((engine) => engine.etude(request, instruments)),
  );

  readonly compose = newestWins<ComposeQuestion, ComposedChoruses>((question) =>
    this.ask((engine) => engine.compose(question)),
  );

  /** Long enough for the longest set of choruses to be stopped; see `cancel`. */
  playSet(id: number, seed: number): Promise<CompBehind | undefined> {
    return this.ask((engine) => engine.playSet(id, seed));
  }

  mendBar(id: number, bar: number): Promise<CompBehind | undefined> {
    return this.ask((engine) => engine.mendBar(id, bar));
  }

  offers(
    id: number,
    at: number,
    line?: readonly number[],
    under?: readonly Under[],
  ): Promise<readonly DeviceOffer[] | undefined> {
    return this.ask((engine) => engine.offers(id, at, line, under));
  }

  spread(
    id: number,
    applied: AppliedDevice,
    scope: Scope,
  ): Promise<readonly AppliedDevice[] | undefined> {
    return this.ask((engine) => engine.spread(id, applied, scope));
  }

  layLicks(id: number, request: LayOverRequest): Promise<Result<LaidOver, string> | undefined> {
    return this.ask(async (engine) => engine.layLicks(id, request));
  }

  band(id: number, question: BandQuestion): Promise<BandPlan | undefined> {
    return this.ask((engine) => engine.band(id, question));
  }

  song(id: number, title: string): Promise<Uint8Array | undefined> {
    return this.ask((engine) => engine.song(id, title));
  }

  standIn(
    id: number,
    request: Pick<StandInRequest, 'density' | 'range' | 'seed'>,
  ): Promise<SoloLine | undefined> {
    return this.ask((engine) => engine.standIn(id, request));
  }

  plan(id: number, question: PlanQuestion): Promise<BandPlan | undefined> {
    return this.ask((engine) => engine.plan(id, question));
  }

  sheet(id: number, request: SheetRequest): Promise<Sheet | undefined> {
    return this.ask((engine) => engine.sheet(id, request));
  }

  compSheet(id: number, request: SheetRequest): Promise<Sheet | undefined> {
    return this.ask((engine) => engine.compSheet(id, request));
  }

  voicingsTable(id: number): Promise<string | undefined> {
    return this.ask((engine) => engine.voicingsTable(id));
  }

  tuneSheet(question: ComposeQuestion, request: SheetRequest): Promise<Sheet | undefined> {
    return this.ask((engine) => engine.tuneSheet(question, request));
  }

  scoreMidi(score: Score, sound: ScoreSound): Promise<Uint8Array | undefined> {
    return this.ask((engine) => engine.scoreMidi(score, sound));
  }

  packedScores(scores: readonly NamedScore[]): Promise<Uint8Array<ArrayBuffer>> {
    return this.ask((engine) => engine.packedScores(scores));
  }

  musicXml(score: Score): Promise<string> {
    return this.ask((engine) => engine.musicXml(score));
  }

  packedXml(score: Score): Promise<Uint8Array<ArrayBuffer>> {
    return this.ask((engine) => engine.packedXml(score));
  }

  question(id: number, request: DrillRequest, count: number): Promise<AskedQuestion | undefined> {
    return this.ask((engine) => engine.ask(id, request, count));
  }

  /** Stops whatever the worker is at; the next request starts a fresh one. */
  cancel(): void {
    this.running?.worker.terminate();
    this.running?.stop(new Cancelled());
    this.running = undefined;
  }

  private ask<R>(question: (engine: Remote<Engine>) => Promise<R>): Promise<R> {
    this.running ??= startWorker();
    return Promise.race([question(this.running.remote), this.running.stopped]);
  }
}

export const engine = new EngineClient();
