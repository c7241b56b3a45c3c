import { Module } from '@nestjs/common';
import { TunesModule } from '../tunes/tunes.module';
import { IncomingController } from './incoming.controller';
import { IncomingService } from './incoming.service';

@Module({
  imports: [TunesModule],
  controllers: [IncomingController],
  providers: [IncomingService],
})
export class IncomingModule {}
