import { Entity, ManyToOne, PrimaryKey, Property, type Rel } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';
import { TuneEntity } from '../tunes/tune.entity';
import type { StoredLine, StoredLineV1 } from './storedLine';

/** A solo line over a tune. */
@Entity({ tableName: 'solo_line' })
export class SoloEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @ManyToOne({ entity: () => TuneEntity })
  tune!: Rel<TuneEntity>;

  @Property({ type: 'string', length: 80 })
  name!: string;

  @Property({ type: 'json' })
  line!: StoredLine | StoredLineV1;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();

  @Property({ type: 'datetime', onUpdate: () => new Date() })
  updatedAt: Date = new Date();

  /** Set while the line is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;
}
