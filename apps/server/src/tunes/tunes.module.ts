import { Module } from '@nestjs/common';
import { TunesController } from './tunes.controller';
import { TunesService } from './tunes.service';

@Module({ controllers: [TunesController], providers: [TunesService], exports: [TunesService] })
export class TunesModule {}
