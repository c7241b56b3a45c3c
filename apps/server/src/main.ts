import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/core';
import { Logger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { AppModule } from './app.module';
import { readConfig } from './config';
import { configureApp } from './configureApp';
import { bringUp } from './database/bringUp';

async function main(): Promise<void> {
  const config = readConfig();
  const app = await NestFactory.create<NestExpressApplication>(AppModule, {
    bodyParser: false,
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  configureApp(app, config);
  await bringUp(app.get(MikroORM));
  await app.listen(config.port, config.host);
  process.stdout.write(`Drop Close is at http://${config.host}:${config.port}\n`);
}

main().catch((error: unknown) => {
  new Logger('start').error(error);
  // The database pool would keep a server alive that serves nothing.
  process.exit(1);
});
