import type { SessionAim, SessionStep } from '@drop-close/core';
import { BigIntType, Entity, PrimaryKey, Property } from '@mikro-orm/core';
import { randomUUID } from 'node:crypto';

/** A session as it went, or goes. */
@Entity({ tableName: 'practice_session' })
export class SessionEntity {
  @PrimaryKey({ type: 'uuid' })
  id: string = randomUUID();

  @Property({ type: 'json' })
  aim!: SessionAim;

  @Property({ type: 'json' })
  steps!: readonly SessionStep[];

  @Property({ type: 'integer' })
  at!: number;

  /** In ms since 1970. */
  @Property({ type: new BigIntType('number') })
  begun!: number;

  /** In ms since 1970; null while it goes on. */
  @Property({ type: new BigIntType('number'), nullable: true })
  ended: number | null = null;

  @Property({ type: 'integer', version: true })
  version!: number;
}
