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

/** The text of every demo tune, in the order of their files. */
export const demoTexts = (): string[] =>
  readdirSync(FOLDER)
    .filter((file) => file.endsWith('.txt'))
    .sort()
    .map((file) => readFileSync(resolve(FOLDER, file), 'utf8'));

/** Every demo tune, in the order of their files. */
export const demoTunes = (): DemoTune[] =>
  demoTexts().map((text) => {
    const { chart } = parseChart(text);
    const { title = 'untitled', feel = 'swing', tempo = 120 } = chart.header;
    return { title, feel, tempo, chorus: chorusOf(chart) };
  });

/** One chorus of every demo tune. */
export const demoChoruses = (): Chorus[] => demoTunes().map(({ chorus }) => chorus);
