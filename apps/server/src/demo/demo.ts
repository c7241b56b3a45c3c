import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/postgresql';
import { readConfig } from '../config';
import { databaseOptions } from '../database/mikro-orm.config';
import { TuneEntity } from '../tunes/tune.entity';
import { TunesService } from '../tunes/tunes.service';
import { readDemo } from './readDemo';

/** Loads the demo tunes once: into a book that has never held a tune, thrown away or not. */
async function main(): Promise<void> {
  const config = readConfig();
  const orm = await MikroORM.init(databaseOptions(config.databaseUrl));
  try {
    await orm.migrator.up();
    const em = orm.em.fork();
    if (await em.count(TuneEntity)) return;
    const tunes = new TunesService(em);
    const demo = await readDemo(config.demoFolder);
    for (const tune of demo) await tunes.create(tune);
    process.stdout.write(`Loaded ${demo.length} demo tunes.\n`);
  } finally {
    await orm.close(true);
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`The demo tunes could not be loaded: ${String(error)}\n`);
  process.exitCode = 1;
});
