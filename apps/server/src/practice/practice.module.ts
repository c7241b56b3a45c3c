import { Module } from '@nestjs/common';
import { ItemsController } from './items/items.controller';
import { ItemsService } from './items/items.service';
import { LogController } from './log/log.controller';
import { LogService } from './log/log.service';
import { SessionsController } from './sessions/sessions.controller';
import { SessionsService } from './sessions/sessions.service';

@Module({
  controllers: [ItemsController, LogController, SessionsController],
  providers: [ItemsService, LogService, SessionsService],
  exports: [ItemsService, LogService],
})
export class PracticeModule {}
