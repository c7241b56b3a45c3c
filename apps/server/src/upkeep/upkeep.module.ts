import { Module } from '@nestjs/common';
import { TrashModule } from '../trash/trash.module';
import { TunesModule } from '../tunes/tunes.module';
import { UpkeepService } from './upkeep.service';

@Module({ imports: [TrashModule, TunesModule], providers: [UpkeepService] })
export class UpkeepModule {}
