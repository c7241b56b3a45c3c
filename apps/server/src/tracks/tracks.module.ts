import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module';
import { ProfileModule } from '../profile/profile.module';
import { TracksController } from './tracks.controller';
import { TracksService } from './tracks.service';

@Module({
  imports: [ProfileModule, JobsModule],
  controllers: [TracksController],
  providers: [TracksService],
})
export class TracksModule {}
