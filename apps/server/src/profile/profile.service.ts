import { checkProfile, type Profile } from '@drop-close/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { InvalidBody } from '../problem/errors';
import { ProfileSave, profileOf } from './profile.dto';
import { ProfileEntity, THE_PLAYER } from './profile.entity';
import { flushFirst, unlessSame } from '../stored/versionedStore';
import { ProfileView } from './profile.views';

@Injectable()
export class ProfileService {
  constructor(private readonly em: EntityManager) {}

  async read(): Promise<ProfileView> {
    return new ProfileView(await this.find());
  }

  async save(body: ProfileSave): Promise<ProfileView> {
    const profile = profileOf(body);
    const problems = checkProfile(profile);
    if (problems.length) {
      throw new InvalidBody(problems.map((each) => ({ ...each, path: `profile.${each.path}` })));
    }
    const stored = await this.find();
    if ((stored?.version ?? 0) !== body.version) return unlessSame(body, new ProfileView(stored));
    return this.store(stored, profile, body);
  }

  private async store(
    stored: ProfileEntity | null,
    profile: Profile,
    body: ProfileSave,
  ): Promise<ProfileView> {
    const fields = { id: THE_PLAYER, profile };
    const entity = stored ?? this.em.create(ProfileEntity, fields, { partial: true });
    entity.profile = profile;
    const first = await flushFirst(this.em);
    return first ? new ProfileView(entity) : unlessSame(body, await this.read());
  }

  private find(): Promise<ProfileEntity | null> {
    return this.em.findOne(ProfileEntity, { id: THE_PLAYER });
  }
}
