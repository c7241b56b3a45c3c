import type { EntityManager, FilterQuery, MikroORM } from '@mikro-orm/core';
import { MIGRATIONS } from './mikro-orm.config';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { setupToday } from '../arrangements/arrangement.views';
import { SoloEntity } from '../solos/solo.entity';
import { frameToday } from '../solos/solo.views';
import { fromStored, toStored } from '../solos/storedLine';
import { TuneEntity } from '../tunes/tune.entity';
import { writtenChartOf } from '../tunes/written';

/** Brings a database of an older version up to today: its tables, then what is stored in them. */
export async function bringUp(orm: MikroORM): Promise<void> {
  await refuseNewer(orm);
  await orm.migrator.up();
  await bringUpStored(orm.em.fork());
}

/** @throws where the database was brought up by a newer version, whose tables this one does not know */
export async function refuseNewer(orm: MikroORM): Promise<void> {
  const connection = orm.em.getConnection();
  const there = "select to_regclass('mikro_orm_migrations') is not null as there";
  const [table] = (await connection.execute(there)) as { there: boolean }[];
  if (!table?.there) return;
  const applied = (await connection.execute('select name from mikro_orm_migrations')) as {
    name: string;
  }[];
  const own = new Set(MIGRATIONS.map(({ name }) => name));
  const foreign = applied.find(({ name }) => !own.has(name));
  if (!foreign) return;
  throw new Error(
    `This book was opened by a newer Drop Close (${foreign.name}). Start that one, or restore a backup from before.`,
  );
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
  const old = { setup: { version: { $lt: FIRST_BY_PLACE } } } as FilterQuery<ArrangementEntity>;
  const arrangements = await em.find(ArrangementEntity, old, { populate: ['tune'] });
  for (const arrangement of arrangements) {
    await update('arrangement', 'setup', arrangement.id, setupToday(arrangement));
  }
  const unplacedLines = { line: { version: { $ne: 2 } } } as FilterQuery<SoloEntity>;
  const solos = await em.find(SoloEntity, unplacedLines, { populate: ['tune'] });
  for (const solo of solos) {
    if (solo.line.version === 2) continue;
    const line = toStored(fromStored(solo.line), frameToday(solo));
    await update('solo_line', 'line', solo.id, line);
  }
  em.clear();
}
