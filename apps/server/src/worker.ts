import 'reflect-metadata';
import { Logger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { AppModule } from './app.module';
import { JobWorker } from './jobs/jobWorker.service';

/** A process that does long work and answers nobody: as many as there are processors, on as many machines as one likes. */
async function main(): Promise<void> {
  const app = await NestFactory.createApplicationContext(AppModule, { logger: ['error', 'warn'] });
  app.enableShutdownHooks();
  await app.get(JobWorker).begin();
  process.stdout.write('Drop Close does long work here.\n');
}

main().catch((error: unknown) => {
  new Logger('worker').error(error);
  process.exit(1);
});
