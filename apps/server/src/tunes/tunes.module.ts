import { Module } from '@nestjs/common';
import { ProfileModule } from '../profile/profile.module';
import { TunesController } from './tunes.controller';
import { TunesService } from './tunes.service';

@Module({
  imports: [ProfileModule],
  controllers: [TunesController],
  providers: [TunesService],
  exports: [TunesService],
})
export class TunesModule {}
