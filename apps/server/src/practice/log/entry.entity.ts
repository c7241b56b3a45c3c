import type { Grade } from '@drop-close/core';
import { Entity, PrimaryKey, Property } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';

/** An entry of the logbook. */
@Entity({ tableName: 'log_entry' })
export class EntryEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  /** As `2026-11-29`: a day of the player's calendar, in no time zone. */
  @Property({ type: 'date' })
  day!: string;

  @Property({ type: 'double', columnType: 'numeric(7, 3)' })
  minutes!: number;

  @Property({ type: 'text' })
  what!: string;

  @Property({ type: 'text', nullable: true })
  item: string | null = null;

  @Property({ type: 'smallint', nullable: true })
  tempo: number | null = null;

  @Property({ type: 'string', length: 4, nullable: true })
  key: string | null = null;

  @Property({ type: 'text', nullable: true })
  grade: Grade | null = null;

  @Property({ type: 'text', nullable: true })
  notes: string | null = null;

  @Property({ type: 'integer', version: true })
  version!: number;

  /** Set while the entry is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;
}
