import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { DoorController } from './door.controller';
import { DoorGuard } from './door.guard';
import { DoorService } from './door.service';

@Module({
  controllers: [DoorController],
  providers: [DoorService, { provide: APP_GUARD, useClass: DoorGuard }],
  exports: [DoorService],
})
export class DoorModule {}
