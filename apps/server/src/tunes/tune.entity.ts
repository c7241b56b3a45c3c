import type { ChartPlaces, Feel } from '@drop-close/core';
import { Collection, Entity, OneToMany, PrimaryKey, Property } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';
import type { TuneSummary } from './summary';
import { ArrangementEntity } from '../arrangements/arrangement.entity';

@Entity({ tableName: 'tune' })
export class TuneEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @Property({ type: 'string', length: 120 })
  title!: string;

  /** The changes as typed. */
  @Property({ type: 'text' })
  text!: string;

  /** The identities of what the text holds; null on a tune from before there were any. */
  @Property({ type: 'json', nullable: true })
  places: ChartPlaces | null = null;

  @Property({ type: 'string', length: 4 })
  key!: string;

  @Property({ type: 'string', length: 5 })
  meter!: string;

  @Property({ type: 'integer' })
  tempo!: number;

  @Property({ type: 'string', length: 16 })
  feel!: Feel;

  /** Made anew with every save; null on a tune from before there was one. */
  @Property({ type: 'json', nullable: true })
  summary: TuneSummary | null = null;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();

  @Property({ type: 'datetime', onUpdate: () => new Date() })
  updatedAt: Date = new Date();

  /** Set while the tune is thrown away; taking that back clears it. */
  @Property({ type: 'datetime', nullable: true })
  deletedAt: Date | null = null;

  @OneToMany({
    entity: () => ArrangementEntity,
    mappedBy: 'tune',
    orderBy: { createdAt: 'asc' },
    where: { deletedAt: null },
  })
  arrangements: Collection<ArrangementEntity> = new Collection<ArrangementEntity>(this);
}
