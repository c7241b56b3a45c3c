import { Module } from '@nestjs/common';
import { ProfileModule } from '../profile/profile.module';
import { RenderPool } from './renderPool';
import { TrackQueue } from './trackQueue';
import { TrackStore } from './trackStore';
import { TracksController } from './tracks.controller';
import { TracksService } from './tracks.service';
import { TrackWorker } from './trackWorker.service';

@Module({
  imports: [ProfileModule],
  controllers: [TracksController],
  providers: [TracksService, TrackStore, TrackQueue, TrackWorker, RenderPool],
  exports: [TrackWorker],
})
export class TracksModule {}
