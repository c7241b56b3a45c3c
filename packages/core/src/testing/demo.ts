import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { chorusOf, type Chorus } from '../arrangement/chorus/chorus';
import { parseChart } from '../chart/parseChart';

const FOLDER = resolve(__dirname, '../../../../demo');

/** One chorus of every demo tune, in the order of their files. */
export const demoChoruses = (): Chorus[] =>
  readdirSync(FOLDER)
    .filter((file) => file.endsWith('.txt'))
    .sort()
    .map((file) => chorusOf(parseChart(readFileSync(resolve(FOLDER, file), 'utf8')).chart));
