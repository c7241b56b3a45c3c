import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/postgresql';
import { readConfig } from '../config';
import { databaseOptions } from '../database/mikro-orm.config';
import { ProfileService } from '../profile/profile.service';
import { TuneEntity } from '../tunes/tune.entity';
import { TunesService } from '../tunes/tunes.service';
import { SetsService } from '../sets/sets.service';
import { SolosService } from '../solos/solos.service';
import { LicksService } from '../licks/licks.service';
import { readDemo, readDemoLicks, readDemoSets, readDemoSolos } from './readDemo';
import { bringUp } from '../database/bringUp';

/** Loads the demo tunes once: into a book that has never held a tune, thrown away or not. */
async function main(): Promise<void> {
  const config = readConfig();
  const orm = await MikroORM.init(databaseOptions(config.databaseUrl));
  try {
    await bringUp(orm);
    const em = orm.em.fork();
    if (await em.count(TuneEntity)) return;
    const tunes = new TunesService(em, new ProfileService(em));
    const demo = await readDemo(config.demoFolder);
    const ids = new Map<string, string>();
    for (const tune of demo) ids.set(tune.title, (await tunes.create(tune)).id);
    const sets = await readDemoSets(config.demoFolder, [...ids.keys()]);
    for (const { name, tunes: titles } of sets) {
      const tuneIds = titles.flatMap((title) => ids.get(title) ?? []);
      await new SetsService(em).create({ name, tuneIds });
    }
    const solos = await readDemoSolos(config.demoFolder);
    for (const { tune, name, line } of solos) {
      const tuneId = ids.get(tune);
      if (tuneId) await new SolosService(em).create(tuneId, { name, line });
    }
    const licks = await readDemoLicks(config.demoFolder);
    for (const lick of licks) await new LicksService(em).create(lick);
    const counts = `${demo.length} demo tunes, ${sets.length} sets, ${solos.length} solo lines and ${licks.length} licks`;
    process.stdout.write(`Loaded ${counts}.\n`);
  } finally {
    await orm.close(true);
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`The demo tunes could not be loaded: ${String(error)}\n`);
  process.exitCode = 1;
});
