import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { MOMENTS_A_PAGE } from '@drop-close/core';
import { setupToday, type ArrangementParts } from '../arrangements/arrangement.views';
import { NoSuchThing } from '../problem/errors';
import { TuneEntity } from '../tunes/tune.entity';
import type { TuneParts } from '../tunes/tune.views';
import { writtenChartOf } from '../tunes/written';
import { TuneMoment, TuneThen, type ArrangementThen } from './history.views';

type TuneRow = Pick<TuneParts, 'title' | 'text' | 'places' | 'key' | 'meter' | 'tempo' | 'feel'>;
type ArrangementRow = Pick<ArrangementParts, 'name' | 'setup'>;

interface Kept {
  readonly arrangement_id: string | null;
  readonly fields: TuneRow | ArrangementRow;
}

/** How tunes were before: what the triggers of the database kept of every save. */
@Injectable()
export class HistoryService {
  constructor(private readonly em: EntityManager) {}

  /** When the tune or an arrangement was saved, the latest first; the first is how it is now. */
  async moments(tuneId: string, before: Date | undefined): Promise<TuneMoment[]> {
    await this.find(tuneId);
    const sql = `
      select distinct saved_at from (
        select saved_at from earlier_version where tune_id = ?
        union all select updated_at from tune where id = ?
        union all select updated_at from arrangement where tune_id = ? and deleted_at is null
      ) as saves where saved_at < coalesce(?::timestamptz, 'infinity')
      order by saved_at desc limit ${MOMENTS_A_PAGE}`;
    const values = [tuneId, tuneId, tuneId, before?.toISOString() ?? null];
    const rows = (await this.em.getConnection().execute(sql, values)) as {
      saved_at: Date | string;
    }[];
    return rows.map(({ saved_at: at }) => new TuneMoment(new Date(at)));
  }

  /** The tune as it was at a moment: what had been saved last by then, else the earliest that is kept. */
  async asOf(tuneId: string, at: Date): Promise<TuneThen> {
    const tune = await this.find(tuneId);
    const kept = await this.keptAt(tuneId, at);
    const own = (kept.get(null) as TuneRow | undefined) ?? tune;
    const row = {
      title: own.title,
      text: own.text,
      key: own.key,
      meter: own.meter,
      tempo: own.tempo,
      feel: own.feel,
      places: writtenChartOf(own).places,
    };
    const arrangements = tune.arrangements.getItems().map(({ id, ...now }): ArrangementThen => {
      const { name, setup } = (kept.get(id) as ArrangementRow | undefined) ?? now;
      return { id, name, setup: setupToday({ setup, tune: { id: tuneId, ...row } }) };
    });
    return { at: at.toISOString(), ...row, arrangements };
  }

  /**
   * What differed from now, by the arrangement's id, null for the tune itself. A thing was as its earliest
   * version that was saved by `at` says, unless it has not been saved since: then it is as it is now.
   */
  private async keptAt(
    tuneId: string,
    at: Date,
  ): Promise<ReadonlyMap<string | null, Kept['fields']>> {
    const sql = `
      with things as (
        select null::uuid as thing, updated_at from tune where id = ?
        union all select id, updated_at from arrangement where tune_id = ?
      )
      select distinct on (e.arrangement_id) e.arrangement_id, e.fields
      from earlier_version e join things t on t.thing is not distinct from e.arrangement_id
      where e.tune_id = ? and t.updated_at > ?
      order by e.arrangement_id, (e.saved_at <= ?) desc,
        case when e.saved_at <= ? then e.saved_at end desc, e.saved_at asc`;
    const moment = at.toISOString();
    const values = [tuneId, tuneId, tuneId, moment, moment, moment];
    const rows = (await this.em.getConnection().execute(sql, values)) as Kept[];
    return new Map(rows.map(({ arrangement_id: id, fields }) => [id, fields]));
  }

  private async find(id: string): Promise<TuneEntity> {
    const tune = await this.em.findOne(
      TuneEntity,
      { id, deletedAt: null },
      { populate: ['arrangements'] },
    );
    if (!tune) throw new NoSuchThing('tune', id);
    return tune;
  }
}
