import { EntityManager } from '@mikro-orm/core';
import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import { TrashService } from '../trash/trash.service';
import { SummariesService } from '../tunes/summaries.service';

const A_DAY_MS = 86_400_000;

/** From which age on, how many of a tune's versions are kept: the last of each hour, day, week. */
const THINNED = [
  { from: '1 day', to: '30 days', each: 'hour' },
  { from: '30 days', to: '1 year', each: 'day' },
  { from: '1 year', to: '1000 years', each: 'week' },
] as const;

/** What is done once a day, and when the server starts: thin history, empty the trash, renew summaries. */
@Injectable()
export class UpkeepService implements OnModuleDestroy {
  private readonly log = new Logger('upkeep');
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly em: EntityManager,
    private readonly trash: TrashService,
    private readonly summaries: SummariesService,
  ) {}

  /** Begins to keep the book in order; what goes wrong is logged and tried again the next day. */
  begin(): void {
    const keep = (): void => {
      this.run().catch((error: unknown) => {
        this.log.error(error);
      });
    };
    keep();
    this.timer = setInterval(keep, A_DAY_MS).unref();
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
  }

  async run(): Promise<void> {
    await this.trash.empty();
    await this.thinHistory();
    await this.summaries.refresh();
  }

  private async thinHistory(): Promise<void> {
    for (const { from, to, each } of THINNED) {
      const sql = `
        delete from earlier_version using (
          select id, row_number() over (
            partition by tune_id, arrangement_id, date_trunc('${each}', saved_at, 'UTC')
            order by saved_at desc
          ) as place
          from earlier_version
          where saved_at between now() - interval '${to}' and now() - interval '${from}'
        ) as old where old.id = earlier_version.id and old.place > 1`;
      await this.em.getConnection().execute(sql, [], 'run');
    }
  }
}
