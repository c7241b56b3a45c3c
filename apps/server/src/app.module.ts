import { Module, ValidationPipe } from '@nestjs/common';
import { APP_FILTER, APP_PIPE } from '@nestjs/core';
import { ArrangementsModule } from './arrangements/arrangements.module';
import { DatabaseModule } from './database/database.module';
import { HealthController } from './health/health.controller';
import { InvalidBody, fieldProblems } from './problem/errors';
import { ProblemFilter } from './problem/problem.filter';
import { ProfileModule } from './profile/profile.module';
import { LicksModule } from './licks/licks.module';
import { SetsModule } from './sets/sets.module';
import { SolosModule } from './solos/solos.module';
import { TunesModule } from './tunes/tunes.module';

@Module({
  imports: [
    DatabaseModule,
    TunesModule,
    ArrangementsModule,
    LicksModule,
    SetsModule,
    SolosModule,
    ProfileModule,
  ],
  controllers: [HealthController],
  providers: [
    { provide: APP_FILTER, useClass: ProblemFilter },
    {
      provide: APP_PIPE,
      useFactory: () =>
        new ValidationPipe({
          transform: true,
          whitelist: true,
          forbidNonWhitelisted: true,
          exceptionFactory: (errors) => new InvalidBody(fieldProblems(errors)),
        }),
    },
  ],
})
export class AppModule {}
