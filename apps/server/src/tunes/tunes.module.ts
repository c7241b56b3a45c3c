import { Module } from '@nestjs/common';
import { ProfileModule } from '../profile/profile.module';
import { SummariesService } from './summaries.service';
import { TunesController } from './tunes.controller';
import { TunesService } from './tunes.service';

@Module({
  imports: [ProfileModule],
  controllers: [TunesController],
  providers: [TunesService, SummariesService],
  exports: [TunesService, SummariesService],
})
export class TunesModule {}
