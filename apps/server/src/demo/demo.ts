import 'reflect-metadata';
import { MikroORM, type EntityManager } from '@mikro-orm/postgresql';
import { readConfig } from '../config';
import { databaseOptions } from '../database/mikro-orm.config';
import { ProfileService } from '../profile/profile.service';
import { TuneEntity } from '../tunes/tune.entity';
import { SummariesService } from '../tunes/summaries.service';
import { WorkPool } from '../workers/workPool';
import { TunesService } from '../tunes/tunes.service';
import { SetsService } from '../sets/sets.service';
import { SolosService } from '../solos/solos.service';
import { LicksService } from '../licks/licks.service';
import { ItemsService } from '../practice/items/items.service';
import { LogService } from '../practice/log/log.service';
import { loadPractice, nextOn, today } from './demoPractice';
import { readDemo, readDemoLicks, readDemoLog, readDemoSets, readDemoSolos } from './readDemo';
import { withBookLock } from '../database/bookLock';
import { bringUp } from '../database/bringUp';

/** Loads the demo tunes once, all or none: into a book that has never held a tune, thrown away or not. */
async function main(): Promise<void> {
  const config = readConfig();
  const orm = await MikroORM.init(databaseOptions(config.databaseUrl, false));
  const work = new WorkPool();
  try {
    const loaded = await withBookLock(orm, async () => {
      await bringUp(orm);
      return orm.em.fork().transactional((em) => load(em, config.demoFolder, work));
    });
    // On a slow machine some of them took longer than a player would be kept waiting.
    if (loaded) await new SummariesService(orm.em, work).refresh();
    process.stdout.write(loaded);
  } finally {
    await work.onModuleDestroy();
    await orm.close(true);
  }
}

/** @returns what was loaded, in words; nothing where the book has been used */
async function load(em: EntityManager, folder: string, work: WorkPool): Promise<string> {
  if (await em.count(TuneEntity)) return '';
  const tunes = new TunesService(em, new ProfileService(em), new SummariesService(em, work));
  const demo = await readDemo(folder);
  const ids = new Map<string, string>();
  for (const tune of demo) ids.set(tune.title, (await tunes.create(tune)).id);
  const sets = await readDemoSets(folder, [...ids.keys()]);
  for (const { name, tunes: titles, weekday } of sets) {
    const tuneIds = titles.flatMap((title) => ids.get(title) ?? []);
    const day = weekday === undefined ? {} : { day: nextOn(weekday) };
    await new SetsService(em).create({ name, tuneIds, ...day });
  }
  const solos = await readDemoSolos(folder);
  for (const { tune, name, line } of solos) {
    const tuneId = ids.get(tune);
    if (tuneId) await new SolosService(em).create(tuneId, { name, line });
  }
  const licks = await readDemoLicks(folder);
  for (const lick of licks) await new LicksService(em).create(lick);
  const log = await readDemoLog(folder, today());
  await loadPractice(new ItemsService(em), new LogService(em), log, (title) => ids.get(title));
  const counts = `${demo.length} demo tunes, ${sets.length} sets, ${solos.length} solo lines, ${licks.length} licks and ${log.length} entries of the logbook`;
  return `Loaded ${counts}.\n`;
}

main().catch((error: unknown) => {
  process.stderr.write(`The demo tunes could not be loaded: ${String(error)}\n`);
  process.exitCode = 1;
});
