import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { TrashService } from './trash.service';
import { ThrownAway } from './trash.views';

@ApiTags('trash')
@Controller('trash')
export class TrashController {
  constructor(private readonly trash: TrashService) {}

  @Get()
  @ApiOkResponse({ type: [ThrownAway] })
  list(): Promise<ThrownAway[]> {
    return this.trash.list();
  }
}
