import type { Grade, PracticeItemView as View, Recalled } from '@drop-close/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';

/** A practised item as it is stored; the database gives large numbers as text. */
export interface ItemRow {
  readonly item: string;
  readonly due: string;
  readonly stability: number;
  readonly difficulty: number;
  readonly reviews: number;
  readonly lapses: number;
  readonly practised_at: string;
  readonly grade: Grade;
  readonly tempo: number | null;
  readonly recalled: Recalled | null;
}

/** What is known of an item. */
export class PracticeItemView implements View {
  @ApiProperty() readonly item: string;
  /** In ms since 1970. */
  @ApiProperty() readonly due: number;
  /** In days. */
  @ApiProperty() readonly stability: number;
  @ApiProperty() readonly difficulty: number;
  @ApiProperty() readonly reviews: number;
  @ApiProperty() readonly lapses: number;
  /** In ms since 1970. */
  @ApiProperty() readonly practisedAt: number;
  @ApiProperty({ type: String }) readonly grade: Grade;
  @ApiPropertyOptional() readonly tempo?: number;
  /** Of a chart by heart. */
  @ApiPropertyOptional({ type: Object }) readonly recalled?: Recalled;

  constructor(row: ItemRow) {
    this.item = row.item;
    this.due = Number(row.due);
    this.stability = row.stability;
    this.difficulty = row.difficulty;
    this.reviews = row.reviews;
    this.lapses = row.lapses;
    this.practisedAt = Number(row.practised_at);
    this.grade = row.grade;
    if (row.tempo !== null) this.tempo = row.tempo;
    if (row.recalled) this.recalled = row.recalled;
  }
}
