import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { IdPipe, MaybeIdPipe } from '../../problem/id.pipe';
import { SessionNew, SessionSave } from './session.dto';
import { SessionView } from './session.views';
import { SessionsService } from './sessions.service';

@ApiTags('practice')
@Controller('practice/sessions')
export class SessionsController {
  constructor(private readonly sessions: SessionsService) {}

  @Get()
  @ApiQuery({ name: 'before', required: false })
  @ApiOkResponse({ type: [SessionView] })
  list(@Query('before', MaybeIdPipe) before?: string): Promise<SessionView[]> {
    return this.sessions.list(before);
  }

  @Post()
  @ApiCreatedResponse({ type: SessionView })
  create(@Body() body: SessionNew): Promise<SessionView> {
    return this.sessions.create(body);
  }

  @Put(':id')
  @ApiOkResponse({ type: SessionView })
  save(@Param('id', IdPipe) id: string, @Body() body: SessionSave): Promise<SessionView> {
    return this.sessions.save(id, body);
  }
}
