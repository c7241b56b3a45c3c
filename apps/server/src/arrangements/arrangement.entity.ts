import { Entity, ManyToOne, PrimaryKey, Property, type Rel } from '@mikro-orm/core';
import type { AnyArrangement } from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import { TuneEntity } from '../tunes/tune.entity';

@Entity({ tableName: 'arrangement' })
export class ArrangementEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @ManyToOne({ entity: () => TuneEntity })
  tune!: Rel<TuneEntity>;

  @Property({ type: 'string', length: 80 })
  name!: string;

  /** In the shape of the version that saved it; views give today's. */
  @Property({ type: 'json' })
  setup!: AnyArrangement;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();

  @Property({ type: 'datetime', onUpdate: () => new Date() })
  updatedAt: Date = new Date();

  /** Set while the arrangement is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;
}
