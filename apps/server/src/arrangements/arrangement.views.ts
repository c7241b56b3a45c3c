import { upgradeArrangement, type Arrangement } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { ArrangementEntity } from './arrangement.entity';

export class ArrangementView {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly tuneId: string;
  @ApiProperty() readonly name: string;
  @ApiProperty({ type: Object }) readonly setup: Arrangement;
  @ApiProperty() readonly version: number;
  @ApiProperty() readonly updatedAt: string;

  constructor(arrangement: ArrangementEntity) {
    this.id = arrangement.id;
    this.tuneId = arrangement.tune.id;
    this.name = arrangement.name;
    this.setup = upgradeArrangement(arrangement.setup);
    this.version = arrangement.version;
    this.updatedAt = arrangement.updatedAt.toISOString();
  }
}
