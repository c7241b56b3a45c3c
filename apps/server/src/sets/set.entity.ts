import { Entity, PrimaryKey, Property } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';

/** Tunes in playing order. */
@Entity({ tableName: 'tune_set' })
export class SetEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @Property({ type: 'string', length: 80 })
  name!: string;

  /** A tune may come more than once. One that is out of the book keeps its place until it is back. */
  @Property({ type: 'json' })
  tuneIds: string[] = [];

  /** The day it is played, as `2026-12-04`, in no time zone. */
  @Property({ type: 'date', nullable: true })
  day: string | null = null;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();

  @Property({ type: 'datetime', onUpdate: () => new Date() })
  updatedAt: Date = new Date();

  /** Set while the set is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;
}
