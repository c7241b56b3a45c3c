import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { JOB_DAYS } from '@drop-close/core';
import type { AskedJob, JobOutcome } from './asked';
import { EtudeShelf } from './etudeShelf.service';
import { JobPool } from './jobPool';
import { JobQueue } from './jobQueue';
import { JobStore } from './jobStore';
import { NotWanted, PiecesOf } from './piecesOf';

/** Whoever does a job is heard of every second or so; after this long somebody else takes it up, in seconds. */
const SILENT = 15;
const LOOKS_EVERY_MS = 5000;
const MOST_TRIES = 3;

/** Does the jobs that wait, and takes up what others left. */
@Injectable()
export class JobWorker implements OnModuleDestroy {
  private readonly log = new Logger('jobs');
  private timer: NodeJS.Timeout | undefined;
  private begun: Promise<void> | undefined;

  constructor(
    private readonly queue: JobQueue,
    private readonly store: JobStore,
    private readonly pool: JobPool,
    private readonly shelf: EtudeShelf,
  ) {}

  /** Begins to look for work, once. */
  begin(): Promise<void> {
    this.begun ??= this.queue
      .work((id) => this.run(id))
      .then(() => {
        this.timer = setInterval(() => {
          this.look().catch((error: unknown) => {
            this.log.warn(`Jobs could not be looked after: ${String(error)}`);
          });
        }, LOOKS_EVERY_MS).unref();
      });
    return this.begun;
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
  }

  /** Takes up what others left, and tidies away what is old. */
  async look(): Promise<void> {
    for (const id of await this.store.putBack(SILENT, MOST_TRIES)) await this.queue.send(id);
    await this.store.tidy(JOB_DAYS);
  }

  async run(id: string): Promise<void> {
    const job = await this.store.claim(id);
    if (!job) return;
    const file = new PiecesOf(this.store, id);
    try {
      const outcome = await this.pool.run(job, (piece) => file.take(piece));
      if (outcome.ok) await this.keep(id, job, outcome, await file.end());
      else await this.store.fail(id, outcome.problem);
    } catch (error) {
      if (isNotWanted(error)) return;
      this.log.error(error);
      await this.store.fail(id, 'It could not be finished. The log of the server says more.');
    }
  }

  private async keep(
    id: string,
    { kind, asked }: AskedJob,
    { seconds, result, book }: JobOutcome & { readonly ok: true },
    bytes: number,
  ): Promise<void> {
    if (kind === 'etudes' && book) return this.shelf.put(id, asked, book);
    await this.store.finish(id, {
      bytes,
      ...(seconds !== undefined && { seconds }),
      ...(result && { result }),
    });
  }
}

const isNotWanted = (error: unknown): boolean =>
  error instanceof NotWanted || (error instanceof Error && error.cause instanceof NotWanted);
