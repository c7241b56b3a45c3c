import type { JobKind } from '@drop-close/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { Overlong } from '../problem/errors';
import type { TuneEntity } from '../tunes/tune.entity';
import type { AskedJob } from './asked';
import { JobEntity } from './job.entity';
import { JobQueue } from './jobQueue';
import { JobStore, type JobRow } from './jobStore';
import { JobWorker } from './jobWorker.service';

/** Jobs that wait at once. */
const MOST_WAITING = 20;
/** What all files may take together, in bytes. */
const MOST_BYTES = 1_000_000_000;

/** A job that is asked for, and what is told of it while it waits. */
export type NewJob = AskedJob & {
  readonly title: string;
  readonly tune?: TuneEntity;
  readonly seconds?: number;
};

/** Takes orders for long work, and gives out what was made. */
@Injectable()
export class JobDesk {
  constructor(
    private readonly em: EntityManager,
    private readonly store: JobStore,
    private readonly queue: JobQueue,
    private readonly worker: JobWorker,
  ) {}

  /** @returns its id @throws Overlong where too much waits, or too much is kept */
  async ask({ kind, asked, title, tune, seconds }: NewJob): Promise<string> {
    await this.checkRoom();
    const fields = { kind, asked, title, tune: tune ?? null, seconds: seconds ?? null };
    const job = this.em.create(JobEntity, fields, { partial: true });
    await this.em.flush();
    await this.queue.send(job.id);
    await this.worker.begin();
    return job.id;
  }

  list(kinds: readonly JobKind[]): Promise<JobRow[]> {
    return this.store.list(kinds);
  }

  find(id: string): Promise<JobRow | undefined> {
    return this.store.find(id);
  }

  /** Stops what is being done, takes back what waits, throws away what is there. */
  remove(id: string): Promise<void> {
    return this.store.remove(id);
  }

  /** Answers with some bytes of a file, both included. */
  async send(
    id: string,
    { first, last }: { readonly first: number; readonly last: number },
    response: Response,
  ): Promise<void> {
    // A piece at a time: a file may be larger than what a process should hold.
    for (let at = first; at <= last && !response.destroyed;) {
      const [piece] = await this.store.pieces(id, at, at);
      if (!piece) break;
      const part = piece.bytes.subarray(at - piece.begins, last + 1 - piece.begins);
      if (!response.write(part)) await new Promise((drained) => response.once('drain', drained));
      at += part.length;
    }
    response.end();
  }

  private async checkRoom(): Promise<void> {
    const { waiting, bytes } = await this.store.load();
    if (waiting >= MOST_WAITING) {
      throw new Overlong(`${MOST_WAITING} jobs wait already; let some of them finish first.`);
    }
    if (bytes >= MOST_BYTES) {
      throw new Overlong(
        'The files made here take a gigabyte together; throw some of them away first.',
      );
    }
  }
}
