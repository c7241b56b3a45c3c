import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../problem/id.pipe';
import { SoloBody, SoloSave } from './solo.dto';
import { SoloView } from './solo.views';
import { SolosService } from './solos.service';

@ApiTags('solos')
@Controller()
export class SolosController {
  constructor(private readonly solos: SolosService) {}

  @Get('tunes/:id/solos')
  @ApiOkResponse({ type: [SoloView] })
  list(@Param('id', IdPipe) tuneId: string): Promise<SoloView[]> {
    return this.solos.list(tuneId);
  }

  @Post('tunes/:id/solos')
  @ApiCreatedResponse({ type: SoloView })
  create(@Param('id', IdPipe) tuneId: string, @Body() body: SoloBody): Promise<SoloView> {
    return this.solos.create(tuneId, body);
  }

  @Put('solos/:id')
  @ApiOkResponse({ type: SoloView })
  save(@Param('id', IdPipe) id: string, @Body() body: SoloSave): Promise<SoloView> {
    return this.solos.save(id, body);
  }

  @Delete('solos/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@Param('id', IdPipe) id: string): Promise<void> {
    return this.solos.delete(id);
  }

  @Post('solos/:id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: SoloView })
  restore(@Param('id', IdPipe) id: string): Promise<SoloView> {
    return this.solos.restore(id);
  }
}
