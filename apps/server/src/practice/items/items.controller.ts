import type { PracticeNote } from '@drop-close/core';
import { Body, Controller, Get, Post, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ItemPipe, MaybeItemPipe } from './item.pipe';
import { PracticeItemView } from './item.views';
import { ItemsService } from './items.service';
import { PracticeNotesBody } from './note.dto';
import { TimePipe } from './time.pipe';

@ApiTags('practice')
@Controller('practice')
export class ItemsController {
  constructor(private readonly items: ItemsService) {}

  @Get('items')
  @ApiQuery({ name: 'after', required: false })
  @ApiOkResponse({ type: [PracticeItemView] })
  list(@Query('after', MaybeItemPipe) after?: string): Promise<PracticeItemView[]> {
    return this.items.list(after);
  }

  @Get('due')
  @ApiQuery({ name: 'by', required: false })
  @ApiOkResponse({ type: [PracticeItemView] })
  due(@Query('by', TimePipe) by: number): Promise<PracticeItemView[]> {
    return this.items.due(by);
  }

  @Get('notes')
  @ApiOkResponse()
  notes(@Query('item', ItemPipe) item: string): Promise<PracticeNote[]> {
    return this.items.notesOf(item);
  }

  @Post('notes')
  @ApiCreatedResponse({ type: [PracticeItemView] })
  add(@Body() { notes }: PracticeNotesBody): Promise<PracticeItemView[]> {
    return this.items.add(notes);
  }
}
