import { Migrator } from '@mikro-orm/migrations';
import { defineConfig, type Options } from '@mikro-orm/postgresql';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { TuneEntity } from '../tunes/tune.entity';
import { Migration20261124FirstTables } from './migrations/Migration20261124FirstTables';

export function databaseOptions(url: string): Options {
  return defineConfig({
    clientUrl: url,
    entities: [TuneEntity, ArrangementEntity],
    extensions: [Migrator],
    migrations: {
      migrationsList: [
        { name: 'Migration20261124FirstTables', class: Migration20261124FirstTables },
      ],
      snapshot: false,
      silent: true,
    },
    // Each request works in a fork of its own; see MikroOrmModule's request context.
    allowGlobalContext: false,
    forceUtcTimezone: true,
  });
}
