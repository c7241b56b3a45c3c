import type { SoloLine } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { SoloEntity } from './solo.entity';
import { fromStored } from './storedLine';

export class SoloView {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly tuneId: string;
  @ApiProperty() readonly name: string;
  @ApiProperty({ type: Object }) readonly line: SoloLine;

  constructor(solo: SoloEntity) {
    this.id = solo.id;
    this.tuneId = solo.tune.id;
    this.name = solo.name;
    this.line = fromStored(solo.line);
  }
}
