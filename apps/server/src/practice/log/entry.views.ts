import type { EntryView as View, Grade } from '@drop-close/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { EntryEntity } from './entry.entity';

/** An entry of the logbook. */
export class EntryView implements View {
  @ApiProperty() readonly id: string;
  /** As `2026-11-29`. */
  @ApiProperty() readonly day: string;
  @ApiProperty() readonly minutes: number;
  @ApiProperty() readonly what: string;
  @ApiPropertyOptional() readonly item?: string;
  @ApiPropertyOptional() readonly tempo?: number;
  @ApiPropertyOptional() readonly key?: string;
  @ApiPropertyOptional({ type: String }) readonly grade?: Grade;
  @ApiPropertyOptional() readonly notes?: string;
  @ApiProperty() readonly version: number;

  constructor(entry: EntryEntity) {
    this.id = entry.id;
    this.day = entry.day;
    this.minutes = entry.minutes;
    this.what = entry.what;
    if (entry.item !== null) this.item = entry.item;
    if (entry.tempo !== null) this.tempo = entry.tempo;
    if (entry.key !== null) this.key = entry.key;
    if (entry.grade !== null) this.grade = entry.grade;
    if (entry.notes !== null) this.notes = entry.notes;
    this.version = entry.version;
  }
}
