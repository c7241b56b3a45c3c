import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { join, resolve } from 'node:path';
import { Piscina } from 'piscina';
import type { Tasks } from './tasks';

/** Work was ended because it took longer than it may. */
export class TimeOver extends Error {}

/** Workers run what the build made, also where the server runs from its source, as in tests. */
const BUILT = join(resolve(__dirname, '../..'), 'dist/workers/tasks.js');

const MOST_THREADS = 2;
/** Memory of one worker, in MB. */
const MOST_MEMORY = 256;
/** Tasks that wait for a worker; more are refused. */
const LONGEST_QUEUE = 500;

/** Work that takes long, done beside the event loop so that everyone else is answered meanwhile. */
@Injectable()
export class WorkPool implements OnModuleDestroy {
  private readonly pool = new Piscina({
    filename: BUILT,
    minThreads: 1,
    maxThreads: MOST_THREADS,
    maxQueue: LONGEST_QUEUE,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  });

  /**
   * @param limit in ms, waiting included; then the work is ended
   * @throws TimeOver
   */
  async run<K extends keyof Tasks>(
    task: K,
    given: Tasks[K][0],
    limit: number,
  ): Promise<Tasks[K][1]> {
    const signal = AbortSignal.timeout(limit);
    try {
      return (await this.pool.run({ task, given }, { signal })) as Tasks[K][1];
    } catch (error) {
      if (signal.aborted) throw new TimeOver(`${task} took longer than ${limit} ms`);
      throw error;
    }
  }

  /** How much waits for a worker, and how many workers there are. */
  state(): { readonly waiting: number; readonly threads: number } {
    return { waiting: this.pool.queueSize, threads: this.pool.threads.length };
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool.destroy();
  }
}
