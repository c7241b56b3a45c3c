import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { WorkPool } from '../workers/workPool';
import { Figures } from './figures';

@ApiTags('health')
@Controller('figures')
export class FiguresController {
  constructor(
    private readonly figures: Figures,
    private readonly work: WorkPool,
  ) {}

  /** Requests, errors and durations since the server started. */
  @Get()
  @ApiOkResponse({ type: Object })
  now(): object {
    return { ...this.figures.now(), work: this.work.state() };
  }
}
