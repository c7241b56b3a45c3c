import { Migrator } from '@mikro-orm/migrations';
import { defineConfig, type Options } from '@mikro-orm/postgresql';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { ProfileEntity } from '../profile/profile.entity';
import { SetEntity } from '../sets/set.entity';
import { LickEntity } from '../licks/lick.entity';
import { SoloEntity } from '../solos/solo.entity';
import { TuneEntity } from '../tunes/tune.entity';
import { Migration20261124FirstTables } from './migrations/Migration20261124FirstTables';
import { Migration20261125SetsAndSummaries } from './migrations/Migration20261125SetsAndSummaries';
import { Migration20261126Profile } from './migrations/Migration20261126Profile';
import { Migration20261127SoloLines } from './migrations/Migration20261127SoloLines';
import { Migration20261128Places } from './migrations/Migration20261128Places';
import { Migration20261128SoloVersions } from './migrations/Migration20261128SoloVersions';
import { Migration20261129Licks } from './migrations/Migration20261129Licks';

export function databaseOptions(url: string): Options {
  return defineConfig({
    clientUrl: url,
    entities: [TuneEntity, ArrangementEntity, SetEntity, ProfileEntity, SoloEntity, LickEntity],
    extensions: [Migrator],
    migrations: {
      migrationsList: [
        { name: 'Migration20261124FirstTables', class: Migration20261124FirstTables },
        { name: 'Migration20261125SetsAndSummaries', class: Migration20261125SetsAndSummaries },
        { name: 'Migration20261126Profile', class: Migration20261126Profile },
        { name: 'Migration20261127SoloLines', class: Migration20261127SoloLines },
        { name: 'Migration20261128Places', class: Migration20261128Places },
        { name: 'Migration20261128SoloVersions', class: Migration20261128SoloVersions },
        { name: 'Migration20261129Licks', class: Migration20261129Licks },
      ],
      snapshot: false,
      silent: true,
    },
    // Each request works in a fork of its own; see MikroOrmModule's request context.
    allowGlobalContext: false,
    forceUtcTimezone: true,
  });
}
