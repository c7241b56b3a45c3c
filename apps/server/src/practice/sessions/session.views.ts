import type { SessionAim, SessionStep, SessionView as View } from '@drop-close/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { SessionEntity } from './session.entity';

/** A session as it went, or goes. */
export class SessionView implements View {
  @ApiProperty() readonly id: string;
  @ApiProperty({ type: Object }) readonly aim: SessionAim;
  @ApiProperty({ type: [Object] }) readonly steps: readonly SessionStep[];
  @ApiProperty() readonly at: number;
  /** In ms since 1970. */
  @ApiProperty() readonly begun: number;
  /** In ms since 1970; not there while it goes on. */
  @ApiPropertyOptional() readonly ended?: number;
  @ApiProperty() readonly version: number;

  constructor(session: SessionEntity) {
    this.id = session.id;
    this.aim = session.aim;
    this.steps = session.steps;
    this.at = session.at;
    this.begun = session.begun;
    if (session.ended !== null) this.ended = session.ended;
    this.version = session.version;
  }
}
