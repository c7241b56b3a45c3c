import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import { IdPipe, MaybeIdPipe } from '../problem/id.pipe';
import { TuneNew, TuneSave } from './tune.dto';
import { SearchPipe } from './search.pipe';
import { ListedTune, TuneView } from './tune.views';
import { TunesService } from './tunes.service';

@ApiTags('tunes')
@Controller('tunes')
export class TunesController {
  constructor(private readonly tunes: TunesService) {}

  @Get()
  @ApiOkResponse({ type: [ListedTune] })
  @ApiQuery({ name: 'after', required: false, type: String })
  @ApiQuery({ name: 'search', required: false, type: String })
  list(
    @Query('after', MaybeIdPipe) after: string | undefined,
    @Query('search', SearchPipe) search: string,
  ): Promise<ListedTune[]> {
    return this.tunes.list(after, search);
  }

  @Post()
  @ApiCreatedResponse({ type: TuneView })
  create(@Body() body: TuneNew): Promise<TuneView> {
    return this.tunes.create(body);
  }

  @Get(':id')
  @ApiOkResponse({ type: TuneView })
  read(@Param('id', IdPipe) id: string): Promise<TuneView> {
    return this.tunes.read(id);
  }

  @Put(':id')
  @ApiOkResponse({ type: TuneView })
  save(@Param('id', IdPipe) id: string, @Body() body: TuneSave): Promise<TuneView> {
    return this.tunes.save(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.tunes.delete(id);
  }

  @Post(':id/copy')
  @ApiCreatedResponse({ type: TuneView })
  copy(@Param('id', IdPipe) id: string): Promise<TuneView> {
    return this.tunes.copy(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: TuneView })
  restore(@Param('id', IdPipe) id: string): Promise<TuneView> {
    return this.tunes.restore(id);
  }
}
