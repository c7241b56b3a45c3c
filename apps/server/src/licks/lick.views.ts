import type { LickView as View } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { LickEntity } from './lick.entity';

/** A phrase of the player's own, with the rhythm of its answer. */
export class LickView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly name: string;
  @ApiProperty() readonly key: string;
  @ApiProperty() readonly notes: string;
  @ApiProperty() readonly answer: string;
  @ApiProperty() readonly version: number;

  constructor(lick: LickEntity) {
    this.id = lick.id;
    this.name = lick.name;
    this.key = lick.key;
    this.notes = lick.notes;
    this.answer = lick.answer;
    this.version = lick.version;
  }
}
