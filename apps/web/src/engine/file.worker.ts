import { readBook, readIncoming, readSoloFile, writeBook } from '@drop-close/core';
import { expose } from 'comlink';
import type { FileReader } from './protocol';

const reader: FileReader = {
  readSolo: readSoloFile,
  readIncoming,
  readBook,
  writeBook: (book) => writeBook(book),
};

expose(reader);
