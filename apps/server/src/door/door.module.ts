import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { DoorController } from './door.controller';
import { DoorGuard } from './door.guard';
import { DoorService } from './door.service';

/** Requests of one address in ten seconds: more than any number of players and pages send. */
const MOST_REQUESTS = [{ limit: 10_000, ttl: 10_000 }];

@Module({
  imports: [ThrottlerModule.forRoot(MOST_REQUESTS)],
  controllers: [DoorController],
  providers: [
    DoorService,
    { provide: APP_GUARD, useClass: ThrottlerGuard },
    { provide: APP_GUARD, useClass: DoorGuard },
  ],
  exports: [DoorService],
})
export class DoorModule {}
