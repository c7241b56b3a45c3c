import { Module } from '@nestjs/common';
import { APP_FILTER, APP_PIPE } from '@nestjs/core';
import { ArrangementsModule } from './arrangements/arrangements.module';
import { BookModule } from './book/book.module';
import { DatabaseModule } from './database/database.module';
import { HealthController } from './health/health.controller';
import { BodyPipe } from './edge/body.pipe';
import { ProblemFilter } from './problem/problem.filter';
import { PracticeModule } from './practice/practice.module';
import { ProfileModule } from './profile/profile.module';
import { DoorModule } from './door/door.module';
import { HistoryModule } from './history/history.module';
import { IncomingModule } from './incoming/incoming.module';
import { LicksModule } from './licks/licks.module';
import { SeeingModule } from './seeing/seeing.module';
import { SetsModule } from './sets/sets.module';
import { SolosModule } from './solos/solos.module';
import { JobsModule } from './jobs/jobs.module';
import { TracksModule } from './tracks/tracks.module';
import { TrashModule } from './trash/trash.module';
import { TunesModule } from './tunes/tunes.module';
import { UpkeepModule } from './upkeep/upkeep.module';
import { WorkModule } from './workers/work.module';

@Module({
  imports: [
    DatabaseModule,
    WorkModule,
    SeeingModule,
    DoorModule,
    TunesModule,
    IncomingModule,
    ArrangementsModule,
    LicksModule,
    SetsModule,
    SolosModule,
    ProfileModule,
    PracticeModule,
    HistoryModule,
    JobsModule,
    TracksModule,
    BookModule,
    TrashModule,
    UpkeepModule,
  ],
  controllers: [HealthController],
  providers: [
    { provide: APP_FILTER, useClass: ProblemFilter },
    { provide: APP_PIPE, useClass: BodyPipe },
  ],
})
export class AppModule {}
