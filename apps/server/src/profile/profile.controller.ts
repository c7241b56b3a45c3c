import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { ProfileSave } from './profile.dto';
import { ProfileService } from './profile.service';
import { ProfileView } from './profile.views';

@ApiTags('profile')
@Controller('profile')
export class ProfileController {
  constructor(private readonly profiles: ProfileService) {}

  @Get()
  @ApiOkResponse({ type: ProfileView })
  read(): Promise<ProfileView> {
    return this.profiles.read();
  }

  @Put()
  @ApiOkResponse({ type: ProfileView })
  save(@Body() body: ProfileSave): Promise<ProfileView> {
    return this.profiles.save(body);
  }
}
