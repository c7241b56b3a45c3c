import { Module } from '@nestjs/common';
import { ProfileModule } from '../profile/profile.module';
import { SetsModule } from '../sets/sets.module';
import { SolosModule } from '../solos/solos.module';
import { TunesModule } from '../tunes/tunes.module';
import { EtudeShelf } from './etudeShelf.service';
import { JobDesk } from './jobDesk.service';
import { JobPool } from './jobPool';
import { JobQueue } from './jobQueue';
import { JobsController } from './jobs.controller';
import { JobsService } from './jobs.service';
import { JobStore } from './jobStore';
import { JobWorker } from './jobWorker.service';

@Module({
  imports: [ProfileModule, TunesModule, SolosModule, SetsModule],
  controllers: [JobsController],
  providers: [JobsService, JobDesk, JobStore, JobQueue, JobWorker, JobPool, EtudeShelf],
  exports: [JobDesk, JobWorker],
})
export class JobsModule {}
