/**
 * Documents in Chromium, from the choice to the painted page: a lead sheet, voicings, a comp part of 32 bars, a set of ten
 * tunes as a booklet. Expects a running server; see scripts/bench.
 */
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { print } from './report';

const BASE = process.env['DROP_CLOSE_BENCH_URL'] ?? 'http://127.0.0.1:4680';
const TUNE = 'Loose Gangway';
const TIMES = 7;
const TEN = 10;

interface Named {
  readonly id: string;
  readonly title: string;
}

/** From the click on a choice until every line of the first page is engraved anew, in ms. */
async function choiceToPage(page: Page, label: string): Promise<number> {
  await page.getByRole('combobox', { name: 'Document' }).click();
  const option = page.getByTitle(label, { exact: true });
  await option.waitFor();
  await page.evaluate(`globalThis.measured = new Promise((done) => {
    const before = document.querySelector('.sheet-system svg');
    addEventListener('click', () => {
      const start = performance.now();
      const look = () => {
        const systems = [...document.querySelectorAll('.sheet-page:first-of-type .sheet-system')];
        const all = systems.length > 0 && systems.every((each) => each.querySelector('svg'));
        if (all && !before?.isConnected) done(performance.now() - start);
        else requestAnimationFrame(look);
      };
      requestAnimationFrame(look);
    }, { once: true, capture: true });
  }); undefined`);
  await option.click();
  return page.evaluate<number>('globalThis.measured');
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

async function booklet(page: Page, tunes: readonly Named[]): Promise<number> {
  const data = { name: 'Measured', tuneIds: tunes.slice(0, TEN).map(({ id }) => id) };
  const made = await page.request.post(`${BASE}/api/sets`, { data });
  const { id } = (await made.json()) as { readonly id: string };
  await page.goto(`${BASE}/set/${id}/take-away?sheet=comp`);
  await page
    .locator('.booklet-title')
    .nth(TEN - 1)
    .waitFor();
  const start = Date.now();
  await page.reload();
  await page
    .locator('.booklet-title')
    .nth(TEN - 1)
    .waitFor();
  await page.locator('.sheet-system:not(:has(svg))').first().waitFor({ state: 'detached' });
  const took = Date.now() - start;
  await page.request.delete(`${BASE}/api/sets/${id}`);
  return took;
}

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const tunes = (await (await page.request.get(`${BASE}/api/tunes`)).json()) as Named[];
  const tune = tunes.find(({ title }) => title === TUNE);
  if (!tune) throw new Error('The demo tune is not there.');
  await page.goto(`${BASE}/tune/${tune.id}/take-away`);
  await page.locator('.sheet-system svg').first().waitFor();
  const taken: Record<string, number[]> = {};
  for (let time = 0; time < TIMES; time += 1) {
    for (const label of ['Voicings', 'Comp part', 'Lead sheet']) {
      (taken[label] ??= []).push(await choiceToPage(page, label));
    }
  }
  for (const [label, times] of Object.entries(taken)) {
    print(
      `take away: ${label.toLowerCase()} of 32 bars, choice to painted page`,
      median(times),
      'ms',
    );
  }
  print(
    'take away: ten comp parts as a booklet, from the load of the page',
    await booklet(page, tunes),
    'ms',
  );
  await browser.close();
}

void main();
