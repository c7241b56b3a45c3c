import { Module } from '@nestjs/common';
import { SolosController } from './solos.controller';
import { SolosService } from './solos.service';

@Module({ controllers: [SolosController], providers: [SolosService], exports: [SolosService] })
export class SolosModule {}
