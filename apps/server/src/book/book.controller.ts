import { Body, Controller, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiTags } from '@nestjs/swagger';
import { LickBody } from '../licks/lick.dto';
import { IdPipe } from '../problem/id.pipe';
import { SetBody } from '../sets/set.dto';
import { PutTuneBody } from './book.dto';
import { BookService } from './book.service';

/** What comes from the archive of a book goes where it was, by its id. */
@ApiTags('book')
@Controller('book')
export class BookController {
  constructor(private readonly book: BookService) {}

  @Put('tunes/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  putTune(@Param('id', IdPipe) id: string, @Body() body: PutTuneBody): Promise<void> {
    return this.book.putTune(id, body);
  }

  @Put('sets/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  putSet(@Param('id', IdPipe) id: string, @Body() body: SetBody): Promise<void> {
    return this.book.putSet(id, body);
  }

  @Put('licks/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  putLick(@Param('id', IdPipe) id: string, @Body() body: LickBody): Promise<void> {
    return this.book.putLick(id, body);
  }
}
