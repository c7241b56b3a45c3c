import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import PgBoss from 'pg-boss';
import { readConfig } from '../config';

const QUEUE = 'job';
const CONNECTIONS = 2;
/** How long a job may take before the queue gives it to somebody else, in seconds; more than any takes. */
const LONGEST_JOB = 1800;
/** How often a worker looks for work, in seconds. */
const LOOKS_EVERY = 1;

/** The queue of long work, in the book's own database: every server and worker shares it. */
@Injectable()
export class JobQueue implements OnModuleDestroy {
  private readonly log = new Logger('jobs');
  private starting: Promise<PgBoss> | undefined;

  /** @throws where the database does not answer */
  async send(id: string): Promise<void> {
    const boss = await this.boss();
    await boss.send(QUEUE, { id }, { expireInSeconds: LONGEST_JOB, retryLimit: 0 });
  }

  /** Has every job done here, one at a time. */
  async work(doJob: (id: string) => Promise<void>): Promise<void> {
    const boss = await this.boss();
    const options = { batchSize: 1, pollingIntervalSeconds: LOOKS_EVERY };
    await boss.work<{ id: string }>(QUEUE, options, async (jobs) => {
      for (const { data } of jobs) await doJob(data.id);
    });
  }

  async onModuleDestroy(): Promise<void> {
    const boss = await this.starting?.catch(() => undefined);
    await boss?.stop({ graceful: false, wait: true });
  }

  private boss(): Promise<PgBoss> {
    this.starting ??= this.start().catch((error: unknown) => {
      this.starting = undefined;
      throw error;
    });
    return this.starting;
  }

  private async start(): Promise<PgBoss> {
    const boss = new PgBoss({
      connectionString: readConfig().databaseUrl,
      max: CONNECTIONS,
      schedule: false,
    });
    boss.on('error', (error) => {
      this.log.warn(`The queue of jobs: ${error.message}`);
    });
    await boss.start();
    await boss.createQueue(QUEUE);
    return boss;
  }
}
