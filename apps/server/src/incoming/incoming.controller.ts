import { Body, Controller, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiTags } from '@nestjs/swagger';
import { TunesBody } from './incoming.dto';
import { IncomingService } from './incoming.service';

@ApiTags('tunes')
@Controller('incoming')
export class IncomingController {
  constructor(private readonly incoming: IncomingService) {}

  /** Several tunes at once, each with its lines: all of them, or none. */
  @Post()
  @ApiCreatedResponse({ type: [String] })
  putIn(@Body() body: TunesBody): Promise<string[]> {
    return this.incoming.putIn(body);
  }
}
