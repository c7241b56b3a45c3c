import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/postgresql';
import { Logger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AppModule } from './app.module';
import { isLoopback, readConfig } from './config';
import { configureApp } from './configureApp';
import { withBookLock } from './database/bookLock';
import { bringUp } from './database/bringUp';
import { databaseOptions } from './database/mikro-orm.config';
import { DoorService } from './door/door.service';
import { JobWorker } from './jobs/jobWorker.service';
import { UpkeepService } from './upkeep/upkeep.service';

/** How long a connection that asks nothing stays open. */
const IDLE_MS = 65_000;
/** How long a request may take to arrive. */
const LONGEST_REQUEST_MS = 30_000;

const log = new Logger('start');

async function main(): Promise<void> {
  const config = readConfig();
  const app = await NestFactory.create<NestExpressApplication>(AppModule, {
    bodyParser: false,
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  configureApp(app, config);
  await bringUpBook(config.databaseUrl);
  // A client that asks again just as its idle connection is closed would lose that question: Node closes
  // after five seconds, so a player who saves every few seconds would meet it.
  const http = app.getHttpServer();
  http.keepAliveTimeout = IDLE_MS;
  http.requestTimeout = LONGEST_REQUEST_MS;
  if (!isLoopback(config.host) && !(await app.get(DoorService).isLocked())) {
    throw new Error(OPEN_DOOR);
  }
  await app.listen(config.port, config.host);
  app.get(UpkeepService).begin();
  app
    .get(JobWorker)
    .begin()
    .catch((error: unknown) => {
      log.error(error);
    });
  process.stdout.write(`Drop Close is at http://${config.host}:${config.port}\n`);
}

const OPEN_DOOR =
  'DROP_CLOSE_HOST lets other machines in, and the book has no passphrase. Set one first: start without DROP_CLOSE_HOST, then Passphrase in the Book.';

/** Over a connection of its own, for it may take longer than any request. */
async function bringUpBook(url: string): Promise<void> {
  const orm = await MikroORM.init(databaseOptions(url, false));
  try {
    await withBookLock(orm, () => bringUp(orm));
  } finally {
    await orm.close(true);
  }
}

main().catch((error: unknown) => {
  log.error(error);
  // The database pool would keep a server alive that serves nothing.
  process.exit(1);
});
