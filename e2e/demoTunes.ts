import type { Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

const DEMO = resolve(__dirname, '../demo');

const titles = new Set(
  readdirSync(DEMO)
    .filter((name) => name.endsWith('.txt'))
    .map((name) => /^title: (.+)$/m.exec(readFileSync(join(DEMO, name), 'utf8'))?.[1]),
);

interface Named {
  readonly id: string;
  readonly title: string;
}

export const allTunes = async (page: Page): Promise<Named[]> =>
  (await (await page.request.get('/api/tunes')).json()) as Named[];

/** The demo tunes, whatever other tests have put in the book beside them. */
export async function demoTunes(page: Page): Promise<Named[]> {
  const tunes = await allTunes(page);
  return tunes.filter(({ title }) => titles.has(title));
}
