import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../problem/id.pipe';
import { ArrangementBody, ArrangementSave } from './arrangement.dto';
import { ArrangementView } from './arrangement.views';
import { ArrangementsService } from './arrangements.service';

@ApiTags('arrangements')
@Controller()
export class ArrangementsController {
  constructor(private readonly arrangements: ArrangementsService) {}

  @Get('tunes/:id/arrangements')
  @ApiOkResponse({ type: [ArrangementView] })
  list(@Param('id', IdPipe) tuneId: string): Promise<ArrangementView[]> {
    return this.arrangements.list(tuneId);
  }

  @Post('tunes/:id/arrangements')
  @ApiCreatedResponse({ type: ArrangementView })
  create(
    @Param('id', IdPipe) tuneId: string,
    @Body() body: ArrangementBody,
  ): Promise<ArrangementView> {
    return this.arrangements.create(tuneId, body);
  }

  @Get('arrangements/:id')
  @ApiOkResponse({ type: ArrangementView })
  read(@Param('id', IdPipe) id: string): Promise<ArrangementView> {
    return this.arrangements.read(id);
  }

  @Put('arrangements/:id')
  @ApiOkResponse({ type: ArrangementView })
  save(@Param('id', IdPipe) id: string, @Body() body: ArrangementSave): Promise<ArrangementView> {
    return this.arrangements.save(id, body);
  }

  @Post('arrangements/:id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: ArrangementView })
  restore(@Param('id', IdPipe) id: string): Promise<ArrangementView> {
    return this.arrangements.restore(id);
  }

  @Delete('arrangements/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.arrangements.delete(id);
  }
}
