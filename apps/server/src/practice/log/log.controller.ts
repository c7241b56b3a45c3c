import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import { IdPipe, MaybeIdPipe } from '../../problem/id.pipe';
import { EntriesBody, EntrySave } from './entry.dto';
import { EntryView } from './entry.views';
import { LogService } from './log.service';

@ApiTags('practice')
@Controller('practice/log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get()
  @ApiQuery({ name: 'before', required: false })
  @ApiOkResponse({ type: [EntryView] })
  list(@Query('before', MaybeIdPipe) before?: string): Promise<EntryView[]> {
    return this.log.list(before);
  }

  @Post()
  @ApiCreatedResponse({ type: [EntryView] })
  add(@Body() { entries }: EntriesBody): Promise<EntryView[]> {
    return this.log.add(entries);
  }

  @Put(':id')
  @ApiOkResponse({ type: EntryView })
  save(@Param('id', IdPipe) id: string, @Body() body: EntrySave): Promise<EntryView> {
    return this.log.save(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.log.delete(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: EntryView })
  restore(@Param('id', IdPipe) id: string): Promise<EntryView> {
    return this.log.restore(id);
  }
}
