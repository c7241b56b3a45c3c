import type { SetView as View } from '@drop-close/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { SetEntity } from './set.entity';

/** A set: tunes in playing order. */
export class SetView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly name: string;
  @ApiProperty({ type: [String] }) readonly tuneIds: readonly string[];
  @ApiPropertyOptional() readonly day?: string;
  @ApiProperty() readonly version: number;

  constructor(set: SetEntity) {
    this.id = set.id;
    this.name = set.name;
    this.tuneIds = set.tuneIds;
    if (set.day !== null) this.day = set.day;
    this.version = set.version;
  }
}
