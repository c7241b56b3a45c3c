import {
  defaultProfile,
  upgradeProfile,
  type Profile,
  type ProfileView as View,
} from '@drop-close/core';
import { ApiProperty } from '@nestjs/swagger';
import type { ProfileEntity } from './profile.entity';

export class ProfileView implements View {
  @ApiProperty({ type: Object }) readonly profile: Profile;
  /** 0 while the profile is the one that everybody begins with. */
  @ApiProperty() readonly version: number;

  constructor(stored: ProfileEntity | null) {
    this.profile = stored ? upgradeProfile(stored.profile) : defaultProfile;
    this.version = stored?.version ?? 0;
  }
}
