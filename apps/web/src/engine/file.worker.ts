import { readSoloFile } from '@drop-close/core';
import { expose } from 'comlink';
import type { FileReader } from './protocol';

const reader: FileReader = { readSolo: readSoloFile };

expose(reader);
