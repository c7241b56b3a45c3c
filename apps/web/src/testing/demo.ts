import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';

const DEMO = resolve(__dirname, '../../../../demo');

/** The charts of the demo tunes, as text. */
export const demoTexts = (): string[] =>
  readdirSync(DEMO)
    .filter((name) => name.endsWith('.txt'))
    .map((name) => readFileSync(resolve(DEMO, name), 'utf8'));
