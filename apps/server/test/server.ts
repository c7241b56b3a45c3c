import 'reflect-metadata';
import { MikroORM } from '@mikro-orm/core';
import { MikroORM as PostgresORM } from '@mikro-orm/postgresql';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { Test } from '@nestjs/testing';
import supertest from 'supertest';
import { AppModule } from '../src/app.module';
import { readConfig } from '../src/config';
import { configureApp } from '../src/configureApp';
import { databaseOptions } from '../src/database/mikro-orm.config';

/** Test files run side by side, each process on a database of its own. */
async function databaseOfWorker(): Promise<string> {
  const base =
    process.env['DROP_CLOSE_DATABASE'] ??
    'postgresql://dropclose@127.0.0.1:54681/dropclose_server_test';
  const url = `${base}_${process.env['JEST_WORKER_ID'] ?? '1'}`;
  const orm = await PostgresORM.init({ ...databaseOptions(url), connect: false });
  await orm.schema.ensureDatabase();
  await orm.close();
  return url;
}

/** The whole application on a real database, emptied first. */
export async function startServer(): Promise<{
  app: NestExpressApplication;
  api: ReturnType<typeof supertest>;
  orm: MikroORM;
}> {
  process.env['DROP_CLOSE_DATABASE'] = await databaseOfWorker();
  const module = await Test.createTestingModule({ imports: [AppModule] }).compile();
  const app = module.createNestApplication<NestExpressApplication>({
    bodyParser: false,
    logger: false,
  });
  configureApp(app, { ...readConfig(), webRoot: '/nowhere' });
  const orm = app.get(MikroORM);
  await orm.migrator.down({ to: 0 });
  await orm.migrator.up();
  await app.init();
  return { app, api: supertest(app.getHttpServer()), orm };
}
