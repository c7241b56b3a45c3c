import { Entity, PrimaryKey, Property } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';

/** A phrase of the player's own, as it is written. */
@Entity({ tableName: 'lick' })
export class LickEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @Property({ type: 'string', length: 80 })
  name!: string;

  @Property({ type: 'string', length: 3 })
  key!: string;

  @Property({ type: 'text' })
  notes!: string;

  @Property({ type: 'text' })
  answer!: string;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();

  /** Set while the lick is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;
}
