import type { JobState, TrackView as View, TrackWish } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { JobRow } from '../jobs/jobStore';

/** A job that is a track. */
export type TrackRow = JobRow & {
  readonly tune_id: string;
  readonly wish: TrackWish;
  readonly key: string;
  readonly seconds: number;
};

export const isTrack = (row: JobRow): row is TrackRow => row.kind === 'track';

export class TrackView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly tuneId: string;
  @ApiProperty() readonly title: string;
  @ApiProperty() readonly key: string;
  @ApiProperty({ type: Object }) readonly wish: TrackWish;
  @ApiProperty({ type: String }) readonly state: JobState;
  @ApiProperty() readonly progress: number;
  @ApiProperty({ type: String, nullable: true }) readonly problem: string | null;
  @ApiProperty() readonly seconds: number;
  @ApiProperty({ type: Number, nullable: true }) readonly bytes: number | null;
  @ApiProperty() readonly createdAt: string;

  constructor(row: TrackRow) {
    this.id = row.id;
    this.tuneId = row.tune_id;
    this.title = row.title;
    this.key = row.key;
    this.wish = row.wish;
    this.state = row.state;
    this.progress = row.progress;
    this.problem = row.problem;
    this.seconds = row.seconds;
    this.bytes = row.bytes;
    this.createdAt = new Date(row.created_at).toISOString();
  }
}
