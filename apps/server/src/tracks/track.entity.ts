import type { TrackState } from '@drop-close/core';
import { Entity, ManyToOne, PrimaryKey, Property, type Rel } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';
import { TuneEntity } from '../tunes/tune.entity';
import type { AskedTrack } from './asked';

/** A practice track: asked for, being rendered, or ready. */
@Entity({ tableName: 'track' })
export class TrackEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @ManyToOne({ entity: () => TuneEntity })
  tune!: Rel<TuneEntity>;

  @Property({ type: 'string', length: 120 })
  title!: string;

  @Property({ type: 'json', lazy: true })
  asked!: AskedTrack;

  @Property({ type: 'string', length: 12 })
  state: TrackState = 'waiting';

  /** 0..1. */
  @Property({ type: 'float' })
  progress = 0;

  @Property({ type: 'text', nullable: true })
  problem: string | null = null;

  @Property({ type: 'float' })
  seconds!: number;

  @Property({ type: 'integer', nullable: true })
  bytes: number | null = null;

  /** How often somebody began to render it. */
  @Property({ type: 'integer' })
  tries = 0;

  /** When whoever renders it was heard of last. */
  @Property({ type: 'datetime' })
  beatAt: Date = new Date();

  @Property({ type: 'datetime' })
  createdAt: Date = new Date();
}
