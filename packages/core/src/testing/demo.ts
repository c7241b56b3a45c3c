import { readFileSync, readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { chorusOf, type Chorus } from '../arrangement/chorus/chorus';
import type { Feel } from '../chart/types';
import { parseChart } from '../chart/parseChart';

const FOLDER = resolve(__dirname, '../../../../demo');

interface DemoTune {
  readonly title: string;
  readonly chorus: Chorus;
  readonly feel: Feel;
  readonly tempo: number;
}

/** Every demo tune, in the order of their files. */
export const demoTunes = (): DemoTune[] =>
  readdirSync(FOLDER)
    .filter((file) => file.endsWith('.txt'))
    .sort()
    .map((file) => {
      const { chart } = parseChart(readFileSync(resolve(FOLDER, file), 'utf8'));
      const { title = file, feel = 'swing', tempo = 120 } = chart.header;
      return { title, feel, tempo, chorus: chorusOf(chart) };
    });

/** One chorus of every demo tune. */
export const demoChoruses = (): Chorus[] => demoTunes().map(({ chorus }) => chorus);
