import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../problem/id.pipe';
import { SetBody, SetSave } from './set.dto';
import { SetView } from './set.views';
import { SetsService } from './sets.service';

@ApiTags('sets')
@Controller('sets')
export class SetsController {
  constructor(private readonly sets: SetsService) {}

  @Get()
  @ApiOkResponse({ type: [SetView] })
  list(): Promise<SetView[]> {
    return this.sets.list();
  }

  @Post()
  @ApiCreatedResponse({ type: SetView })
  create(@Body() body: SetBody): Promise<SetView> {
    return this.sets.create(body);
  }

  @Put(':id')
  @ApiOkResponse({ type: SetView })
  save(@Param('id', IdPipe) id: string, @Body() body: SetSave): Promise<SetView> {
    return this.sets.save(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.sets.delete(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: SetView })
  restore(@Param('id', IdPipe) id: string): Promise<SetView> {
    return this.sets.restore(id);
  }
}
