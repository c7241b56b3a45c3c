import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import type { ThrownAwayKind } from '@drop-close/core';
import { ThrownAway } from './trash.views';

/** How long what is thrown away can be put back, in days. */
export const DAYS_KEPT = 30;

const MOST = 500;

/** Where each kind is, and what it is called there. */
const KINDS: Readonly<Record<ThrownAwayKind, { readonly table: string; readonly name: string }>> = {
  tune: { table: 'tune', name: 'title' },
  arrangement: { table: 'arrangement', name: 'name' },
  set: { table: 'tune_set', name: 'name' },
  solo: { table: 'solo_line', name: 'name' },
  lick: { table: 'lick', name: 'name' },
  entry: { table: 'log_entry', name: 'what' },
};

/** What is thrown away waits here until it is put back or its days are over. */
@Injectable()
export class TrashService {
  constructor(private readonly em: EntityManager) {}

  /** The latest first; what went with its tune comes back with it and is not listed. */
  async list(): Promise<ThrownAway[]> {
    const each = Object.entries(KINDS).map(([kind, { table, name }]) => {
      const ofTune = table === 'arrangement' || table === 'solo_line';
      const tune = ofTune ? 'join tune on tune.id = thing.tune_id and tune.deleted_at is null' : '';
      const of = ofTune ? 'tune.title' : 'null';
      return `
        select '${kind}' as kind, thing.id, thing.${name} as name, ${of} as of_tune, thing.deleted_at
        from ${table} thing ${tune}
        where thing.deleted_at > now() - interval '${DAYS_KEPT} days'`;
    });
    const sql = `${each.join(' union all ')} order by deleted_at desc limit ${MOST}`;
    const rows = (await this.em.getConnection().execute(sql)) as ConstructorParameters<
      typeof ThrownAway
    >[0][];
    return rows.map((row) => new ThrownAway(row));
  }

  /** Ends the waiting of what has waited long enough. */
  async empty(): Promise<void> {
    for (const { table } of Object.values(KINDS)) {
      const old = `delete from ${table} where deleted_at < now() - interval '${DAYS_KEPT} days'`;
      await this.em.getConnection().execute(old, [], 'run');
    }
  }
}
