import type { EntityManager, MikroORM } from '@mikro-orm/core';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { setupToday } from '../arrangements/arrangement.views';
import { SoloEntity } from '../solos/solo.entity';
import { frameToday } from '../solos/solo.views';
import { fromStored, toStored } from '../solos/storedLine';
import { TuneEntity } from '../tunes/tune.entity';
import { writtenChartOf } from '../tunes/written';

/** Brings a database of an older version up to today: its tables, then what is stored in them. */
export async function bringUp(orm: MikroORM): Promise<void> {
  await orm.migrator.up();
  await bringUpStored(orm.em.fork());
}

/** From this shape on arrangements name places. */
const FIRST_BY_PLACE = 6;

/**
 * Positions in older shapes mean the chart as it is stored; they become places before anything is edited.
 * In plain SQL, so that versions stay: nothing has changed for those who have a tune open.
 */
export async function bringUpStored(em: EntityManager): Promise<void> {
  const update = async (table: string, column: string, id: string, value: unknown) => {
    const sql = `update "${table}" set "${column}" = ? where id = ?`;
    await em.getConnection().execute(sql, [JSON.stringify(value), id]);
  };
  const unplaced = await em.find(TuneEntity, { places: null });
  for (const tune of unplaced) {
    await update('tune', 'places', tune.id, writtenChartOf(tune).places);
  }
  const arrangements = await em.find(ArrangementEntity, {}, { populate: ['tune'] });
  for (const arrangement of arrangements) {
    if (arrangement.setup.version >= FIRST_BY_PLACE) continue;
    await update('arrangement', 'setup', arrangement.id, setupToday(arrangement));
  }
  const solos = await em.find(SoloEntity, {}, { populate: ['tune'] });
  for (const solo of solos) {
    if (solo.line.version === 2) continue;
    const line = toStored(fromStored(solo.line), frameToday(solo));
    await update('solo_line', 'line', solo.id, line);
  }
  em.clear();
}
