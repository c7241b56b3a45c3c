import { readIncoming, readSoloFile } from '@drop-close/core';
import { expose } from 'comlink';
import type { FileReader } from './protocol';

const reader: FileReader = { readSolo: readSoloFile, readIncoming };

expose(reader);
