import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../problem/id.pipe';
import { HistoryService } from './history.service';
import { TuneMoment, TuneThen } from './history.views';
import { MomentPipe } from './moment.pipe';

@ApiTags('history')
@Controller('tunes/:id/history')
export class HistoryController {
  constructor(private readonly history: HistoryService) {}

  @Get()
  @ApiOkResponse({ type: [TuneMoment] })
  @ApiQuery({ name: 'before', required: false, type: String })
  moments(
    @Param('id', IdPipe) id: string,
    @Query('before', MomentPipe) before: Date | undefined,
  ): Promise<TuneMoment[]> {
    return this.history.moments(id, before);
  }

  @Get(':at')
  @ApiOkResponse({ type: TuneThen })
  asOf(@Param('id', IdPipe) id: string, @Param('at', MomentPipe) at: Date): Promise<TuneThen> {
    return this.history.asOf(id, at);
  }
}
