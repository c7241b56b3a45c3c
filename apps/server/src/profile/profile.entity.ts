import type { Profile } from '@drop-close/core';
import { Entity, PrimaryKey, Property } from '@mikro-orm/core';

/** The application is one player's own, so there is one profile. */
export const THE_PLAYER = 'player';

@Entity({ tableName: 'profile' })
export class ProfileEntity {
  @PrimaryKey({ type: 'string', length: 20 })
  id: string = THE_PLAYER;

  @Property({ type: 'json' })
  profile!: Profile;

  @Property({ type: 'integer', version: true })
  version!: number;

  @Property({ type: 'datetime', onUpdate: () => new Date() })
  updatedAt: Date = new Date();
}
