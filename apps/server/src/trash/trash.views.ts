import type { ThrownAway as View, ThrownAwayKind } from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';

interface Row {
  readonly kind: ThrownAwayKind;
  readonly id: string;
  readonly name: string;
  readonly of_tune: string | null;
  readonly deleted_at: Date | string;
}

/** Something that was thrown away and can be put back. */
export class ThrownAway implements View {
  @ApiProperty({ type: String }) readonly kind: ThrownAwayKind;
  @ApiProperty() readonly id: string;
  @ApiProperty() readonly name: string;
  /** The title of the tune it belongs to, where it is part of one. */
  @ApiProperty({ type: String, nullable: true }) readonly ofTune: string | null;
  @ApiProperty() readonly at: string;

  constructor({ kind, id, name, of_tune: ofTune, deleted_at: at }: Row) {
    this.kind = kind;
    this.id = id;
    this.name = name;
    this.ofTune = ofTune;
    this.at = new Date(at).toISOString();
  }
}
