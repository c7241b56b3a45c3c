import { Module } from '@nestjs/common';
import { LicksController } from './licks.controller';
import { LicksService } from './licks.service';

@Module({ controllers: [LicksController], providers: [LicksService], exports: [LicksService] })
export class LicksModule {}
