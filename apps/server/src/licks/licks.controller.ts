import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../problem/id.pipe';
import { LickBody, LickSave } from './lick.dto';
import { LickView } from './lick.views';
import { LicksService } from './licks.service';

@ApiTags('licks')
@Controller('licks')
export class LicksController {
  constructor(private readonly licks: LicksService) {}

  @Get()
  @ApiOkResponse({ type: [LickView] })
  list(): Promise<LickView[]> {
    return this.licks.list();
  }

  @Post()
  @ApiCreatedResponse({ type: LickView })
  create(@Body() body: LickBody): Promise<LickView> {
    return this.licks.create(body);
  }

  @Put(':id')
  @ApiOkResponse({ type: LickView })
  save(@Param('id', IdPipe) id: string, @Body() body: LickSave): Promise<LickView> {
    return this.licks.save(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.licks.delete(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: LickView })
  restore(@Param('id', IdPipe) id: string): Promise<LickView> {
    return this.licks.restore(id);
  }
}
