import { Module } from '@nestjs/common';
import { TunesModule } from '../tunes/tunes.module';
import { BookController } from './book.controller';
import { BookService } from './book.service';

@Module({ imports: [TunesModule], controllers: [BookController], providers: [BookService] })
export class BookModule {}
