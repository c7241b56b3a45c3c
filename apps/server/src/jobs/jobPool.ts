import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { join, resolve } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { AskedJob, JobOutcome, Progress } from './asked';
import type { JobTask } from './thread/runJob';

/** Workers run what the build made, also where the server runs from its source, as in tests. */
const BUILT = join(resolve(__dirname, '../..'), 'dist/jobs/thread/runJob.js');
const BANK = join(resolve(__dirname, '../../../..'), 'apps/web/public/sound/band.sf3');
/** Memory of the thread, in MB: the sounds of the band, and a second of what is played. */
const MOST_MEMORY = 512;

/** A thread that does long work, one job at a time; more processes do more at once. */
@Injectable()
export class JobPool implements OnModuleDestroy {
  private pool: Piscina | undefined;

  /**
   * @param take gets what was made, piece by piece, in order; may refuse by throwing, which ends the work
   */
  async run(job: AskedJob, take: (piece: Progress) => Promise<void>): Promise<JobOutcome> {
    this.pool ??= new Piscina({
      ...{ filename: BUILT, minThreads: 0, maxThreads: 1 },
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
    });
    const { port1, port2 } = new MessageChannel();
    const abort = new AbortController();
    let taken = Promise.resolve();
    let refused: unknown;
    port1.on('message', (piece: Progress) => {
      taken = taken.then(async () => {
        if (refused !== undefined) return;
        try {
          await take(piece);
        } catch (error) {
          refused = error;
          abort.abort();
        }
      });
    });
    const drained = new Promise<void>((done) => port1.on('close', done));
    try {
      const task: JobTask = { job, bank: BANK, port: port2 };
      const options = { transferList: [port2], signal: abort.signal };
      const outcome = (await this.pool.run(task, options)) as JobOutcome;
      port1.close();
      await drained;
      await taken;
      if (refused !== undefined) throw new Error('Refused', { cause: refused });
      return outcome;
    } catch (error) {
      // What ended the work says why, not that it was ended.
      throw refused === undefined ? error : new Error('Refused', { cause: refused });
    } finally {
      port1.close();
    }
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool?.destroy();
  }
}
