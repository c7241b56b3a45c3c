import { Body, Controller, Delete, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import type { Response } from 'express';
import { IdPipe } from '../problem/id.pipe';
import { EtudesBody, PartsBody } from './job.dto';
import { JobView } from './job.views';
import { JobDesk } from './jobDesk.service';
import { JobsService } from './jobs.service';

/** Long work that is no practice track: the parts of a set, an étude in all keys. */
@ApiTags('jobs')
@Controller('jobs')
export class JobsController {
  constructor(
    private readonly jobs: JobsService,
    private readonly desk: JobDesk,
  ) {}

  @Get()
  @ApiOkResponse({ type: [JobView] })
  list(): Promise<JobView[]> {
    return this.jobs.list();
  }

  @Post('parts')
  @ApiCreatedResponse({ type: JobView })
  askParts(@Body() body: PartsBody): Promise<JobView> {
    return this.jobs.askParts(body);
  }

  @Post('etudes')
  @ApiCreatedResponse({ type: JobView })
  askEtudes(@Body() body: EtudesBody): Promise<JobView> {
    return this.jobs.askEtudes(body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id', IdPipe) id: string): Promise<void> {
    return this.jobs.remove(id);
  }

  @Get(':id/file')
  @ApiProduces('application/zip')
  async file(@Param('id', IdPipe) id: string, @Res() response: Response): Promise<void> {
    const { bytes, title } = await this.jobs.ready(id);
    response.set({ 'content-type': 'application/zip', 'content-length': String(bytes) });
    response.attachment(`${title}.zip`);
    await this.desk.send(id, { first: 0, last: bytes - 1 }, response);
  }
}
