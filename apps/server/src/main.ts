import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/core';
import { Logger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AppModule } from './app.module';
import { readConfig } from './config';
import { configureApp } from './configureApp';
import { bringUp } from './database/bringUp';

/** How long a connection that asks nothing stays open. */
const IDLE_MS = 65_000;

async function main(): Promise<void> {
  const config = readConfig();
  const app = await NestFactory.create<NestExpressApplication>(AppModule, {
    bodyParser: false,
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  configureApp(app, config);
  await bringUp(app.get(MikroORM));
  // A client that asks again just as its idle connection is closed would lose that question: Node closes
  // after five seconds, so a player who saves every few seconds would meet it.
  app.getHttpServer().keepAliveTimeout = IDLE_MS;
  await app.listen(config.port, config.host);
  process.stdout.write(`Drop Close is at http://${config.host}:${config.port}\n`);
}

main().catch((error: unknown) => {
  new Logger('start').error(error);
  // The database pool would keep a server alive that serves nothing.
  process.exit(1);
});
