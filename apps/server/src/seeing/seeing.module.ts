import { Global, Module } from '@nestjs/common';
import { readConfig } from '../config';
import { Figures } from './figures';
import { FiguresController } from './figures.controller';
import { openLog } from './log';
import { LOG } from './logToken';

@Global()
@Module({
  controllers: [FiguresController],
  providers: [Figures, { provide: LOG, useFactory: () => openLog(readConfig().logFolder) }],
  exports: [Figures, LOG],
})
export class SeeingModule {}
