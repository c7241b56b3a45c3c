import { Migrator } from '@mikro-orm/migrations';
import { defineConfig, type Options } from '@mikro-orm/postgresql';
import { ArrangementEntity } from '../arrangements/arrangement.entity';
import { ProfileEntity } from '../profile/profile.entity';
import { SetEntity } from '../sets/set.entity';
import { LickEntity } from '../licks/lick.entity';
import { EntryEntity } from '../practice/log/entry.entity';
import { SessionEntity } from '../practice/sessions/session.entity';
import { SoloEntity } from '../solos/solo.entity';
import { JobEntity } from '../jobs/job.entity';
import { TuneEntity } from '../tunes/tune.entity';
import { Migration20261124FirstTables } from './migrations/Migration20261124FirstTables';
import { Migration20261125SetsAndSummaries } from './migrations/Migration20261125SetsAndSummaries';
import { Migration20261126Profile } from './migrations/Migration20261126Profile';
import { Migration20261127SoloLines } from './migrations/Migration20261127SoloLines';
import { Migration20261128Places } from './migrations/Migration20261128Places';
import { Migration20261128SoloVersions } from './migrations/Migration20261128SoloVersions';
import { Migration20261129Door } from './migrations/Migration20261129Door';
import { Migration20261129History } from './migrations/Migration20261129History';
import { Migration20261129TuneList } from './migrations/Migration20261129TuneList';
import { Migration20261129Search } from './migrations/Migration20261129Search';
import { Migration20261129Practice } from './migrations/Migration20261129Practice';
import { Migration20261130Recalled } from './migrations/Migration20261130Recalled';
import { Migration20261130Tracks } from './migrations/Migration20261130Tracks';
import { Migration20261201Jobs } from './migrations/Migration20261201Jobs';
import { Migration20261129Licks } from './migrations/Migration20261129Licks';

/** Every change of the tables, in its order. */
export const MIGRATIONS = [
  { name: 'Migration20261124FirstTables', class: Migration20261124FirstTables },
  { name: 'Migration20261125SetsAndSummaries', class: Migration20261125SetsAndSummaries },
  { name: 'Migration20261126Profile', class: Migration20261126Profile },
  { name: 'Migration20261127SoloLines', class: Migration20261127SoloLines },
  { name: 'Migration20261128Places', class: Migration20261128Places },
  { name: 'Migration20261128SoloVersions', class: Migration20261128SoloVersions },
  { name: 'Migration20261129Licks', class: Migration20261129Licks },
  { name: 'Migration20261129History', class: Migration20261129History },
  { name: 'Migration20261129Door', class: Migration20261129Door },
  { name: 'Migration20261129TuneList', class: Migration20261129TuneList },
  { name: 'Migration20261129Search', class: Migration20261129Search },
  { name: 'Migration20261129Practice', class: Migration20261129Practice },
  { name: 'Migration20261130Recalled', class: Migration20261130Recalled },
  { name: 'Migration20261130Tracks', class: Migration20261130Tracks },
  { name: 'Migration20261201Jobs', class: Migration20261201Jobs },
];

/**
 * So that a database that hangs gives an answer within ten seconds, in ms. The server ends a statement
 * before the driver gives up on it: the connection can then be used again.
 */
const LIMITS = {
  connectionTimeoutMillis: 4000,
  lock_timeout: 4000,
  statement_timeout: 6000,
  query_timeout: 7000,
  idle_in_transaction_session_timeout: 15_000,
};
const WAIT_FOR_CONNECTION = 5000;
const MOST_CONNECTIONS = 10;

/** @param limited whether statements are ended after a while, as those of requests are; migrations may take long */
export function databaseOptions(url: string, limited = true): Options {
  return defineConfig({
    clientUrl: url,
    driverOptions: { connection: limited ? LIMITS : {} },
    pool: { min: 1, max: MOST_CONNECTIONS, acquireTimeoutMillis: WAIT_FOR_CONNECTION },
    entities: [
      ...[TuneEntity, ArrangementEntity, SetEntity, ProfileEntity, SoloEntity, LickEntity],
      ...[EntryEntity, SessionEntity, JobEntity],
    ],
    extensions: [Migrator],
    migrations: {
      migrationsList: [...MIGRATIONS],
      snapshot: false,
      silent: true,
    },
    // Each request works in a fork of its own; see MikroOrmModule's request context.
    allowGlobalContext: false,
    forceUtcTimezone: true,
  });
}
