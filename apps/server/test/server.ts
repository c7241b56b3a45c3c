import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { Test } from '@nestjs/testing';
import { resolve } from 'node:path';
import supertest from 'supertest';
import { AppModule } from '../src/app.module';
import { readConfig, type ServerConfig } from '../src/config';
import { configureApp } from '../src/configureApp';

const TESTS = encodeURIComponent(resolve(__dirname, '../../../.data/test/socket'));
const DATABASE = `postgresql://dropclose@${TESTS}:5432/dropclose_server_test`;

/** A slow machine beside other work: what hangs is seen by the server's own limits. */
jest.setTimeout(30_000);

/** Test files run side by side, each process on a database of its own; ./test makes as many as there are. */
const databaseOfWorker = (): string =>
  `${process.env['DROP_CLOSE_DATABASE'] ?? DATABASE}_${process.env['JEST_WORKER_ID'] ?? '1'}`;

/** The whole application on a real database, emptied first. */
export async function startServer(change: Partial<ServerConfig> = {}): Promise<{
  app: NestExpressApplication;
  api: ReturnType<typeof supertest>;
  orm: MikroORM;
}> {
  process.env['DROP_CLOSE_DATABASE'] = databaseOfWorker();
  const module = await Test.createTestingModule({ imports: [AppModule] }).compile();
  const app = module.createNestApplication<NestExpressApplication>({
    bodyParser: false,
    logger: false,
  });
  configureApp(app, { ...readConfig(), webRoot: '/nowhere', ...change });
  const orm = app.get(MikroORM);
  await orm.migrator.down({ to: 0 });
  await orm.migrator.up();
  await app.init();
  return { app, api: supertest(app.getHttpServer()), orm };
}
