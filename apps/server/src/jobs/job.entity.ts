import type { JobKind, JobState } from '@drop-close/core';
import { Entity, ManyToOne, PrimaryKey, Property, type Rel } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';
import { TuneEntity } from '../tunes/tune.entity';
import type { AskedJob, JobResult } from './asked';

/** Long work: asked for, being done, or done. */
@Entity({ tableName: 'job' })
export class JobEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @Property({ type: 'string', length: 12 })
  kind!: JobKind;

  /** The tune it goes with, where it is of one. */
  @ManyToOne({ entity: () => TuneEntity, nullable: true })
  tune: Rel<TuneEntity> | null = null;

  @Property({ type: 'string', length: 120 })
  title!: string;

  @Property({ type: 'json', lazy: true })
  asked!: AskedJob['asked'];

  @Property({ type: 'string', length: 12 })
  state: JobState = 'waiting';

  /** 0..1. */
  @Property({ type: 'float' })
  progress = 0;

  @Property({ type: 'text', nullable: true })
  problem: string | null = null;

  /** Of a track. */
  @Property({ type: 'float', nullable: true })
  seconds: number | null = null;

  @Property({ type: 'integer', nullable: true })
  bytes: number | null = null;

  @Property({ type: 'json', nullable: true })
  result: JobResult | null = null;

  /** How often somebody began it. */
  @Property({ type: 'integer' })
  tries = 0;

  /** When whoever does it was heard of last. */
  @Property({ type: 'datetime' })
  beatAt: Date = new Date();

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();
}
