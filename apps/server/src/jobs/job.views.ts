import type { JobState, JobView as View, OtherJobKind } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { JobRow } from './jobStore';

/** A job that is no track. */
export type OtherRow = JobRow & { readonly kind: OtherJobKind };

export const isOther = (row: JobRow): row is OtherRow => row.kind !== 'track';

export class JobView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty({ type: String }) readonly kind: OtherJobKind;
  @ApiProperty() readonly title: string;
  @ApiProperty({ type: String, nullable: true }) readonly setId: string | null;
  @ApiProperty({ type: String }) readonly state: JobState;
  @ApiProperty() readonly progress: number;
  @ApiProperty({ type: String, nullable: true }) readonly problem: string | null;
  @ApiProperty({ type: [String] }) readonly notes: readonly string[];
  @ApiProperty({ type: Number, nullable: true }) readonly bytes: number | null;
  @ApiProperty() readonly createdAt: string;

  constructor(row: OtherRow) {
    this.id = row.id;
    this.kind = row.kind;
    this.title = row.title;
    this.setId = row.result?.setId ?? row.set_id;
    this.state = row.state;
    this.progress = row.progress;
    this.problem = row.problem;
    this.notes = row.result?.notes ?? [];
    this.bytes = row.bytes;
    this.createdAt = new Date(row.created_at).toISOString();
  }
}
