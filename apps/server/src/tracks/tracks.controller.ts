import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  Post,
  Query,
  Res,
} from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import type { Response } from 'express';
import { IdPipe } from '../problem/id.pipe';
import { JobDesk } from '../jobs/jobDesk.service';
import { rangeOf } from './range';
import { TrackBody } from './track.dto';
import { TrackView } from './track.views';
import { TracksService } from './tracks.service';

@ApiTags('tracks')
@Controller('tracks')
export class TracksController {
  constructor(
    private readonly tracks: TracksService,
    private readonly desk: JobDesk,
  ) {}

  @Get()
  @ApiOkResponse({ type: [TrackView] })
  list(): Promise<TrackView[]> {
    return this.tracks.list();
  }

  @Post()
  @ApiCreatedResponse({ type: TrackView })
  ask(@Body() body: TrackBody): Promise<TrackView> {
    return this.tracks.ask(body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id', IdPipe) id: string): Promise<void> {
    return this.tracks.remove(id);
  }

  /** The file, or the part of it that is asked for. */
  @Get(':id/sound')
  @ApiProduces('audio/ogg', 'audio/wav')
  @ApiQuery({ name: 'save', required: false, type: String })
  async sound(
    @Param('id', IdPipe) id: string,
    @Headers('range') asked: string | undefined,
    @Query('save') save: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    const { bytes, title, wish } = await this.tracks.ready(id);
    const range = rangeOf(asked, bytes);
    const { first, last } = range ?? { first: 0, last: bytes - 1 };
    response.status(range ? 206 : 200);
    response.set({
      'content-type': wish.format === 'wav' ? 'audio/wav' : 'audio/ogg',
      'content-length': String(last - first + 1),
      'accept-ranges': 'bytes',
      ...(range && { 'content-range': `bytes ${first}-${last}/${bytes}` }),
    });
    if (save !== undefined) response.attachment(`${title}.${wish.format}`);
    await this.desk.send(id, { first, last }, response);
  }
}
