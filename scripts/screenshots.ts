/**
 * Takes the pictures of docs/screenshots from a freshly loaded demo book: run ./start on an empty
 * .data/book, then npx tsx scripts/screenshots.ts
 */
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';

const BASE = process.env['DROP_CLOSE_URL'] ?? 'http://127.0.0.1:4680';
const FOLDER = process.env['DROP_CLOSE_SHOTS'] ?? 'docs/screenshots';
const SETTLE = 1200;

async function choose(page: Page, label: string): Promise<void> {
  await page.locator('.ant-segmented-item', { hasText: label }).click();
  await page.waitForTimeout(SETTLE);
}

async function open(page: Page, title: string, screen: 'Chart' | 'Voice'): Promise<void> {
  await page.goto(`${BASE}/book`);
  await page.getByRole('link', { name: title, exact: true }).click();
  await page.getByRole('link', { name: screen, exact: true }).click();
  await page.waitForTimeout(SETTLE);
}

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = (name: string) => page.screenshot({ path: `${FOLDER}/${name}.png` });

  await page.goto(`${BASE}/book`);
  await page.waitForTimeout(SETTLE);
  await shot('book');

  await page.getByRole('link', { name: /^Ferry, first set/ }).click();
  await page.waitForTimeout(SETTLE);
  await shot('book-set');

  await open(page, 'Half Past the Tide', 'Chart');
  await page.locator('.slot').nth(2).click();
  await page.waitForTimeout(SETTLE);
  await shot('chart');

  await open(page, 'Loose Gangway', 'Chart');
  await choose(page, 'Map');
  await page
    .getByRole('button', { name: /^1-6-2-5 turnaround/ })
    .first()
    .click();
  await shot('chart-map');

  await open(page, 'The Second Lantern', 'Voice');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(SETTLE);
  await shot('voice-guitar');

  await open(page, 'Half Past the Tide', 'Voice');
  await choose(page, 'Keyboard');
  await shot('voice-keyboard');

  await page.getByRole('button', { name: 'Stage light' }).click();
  await open(page, 'Brass Rail, Evening', 'Voice');
  await page.waitForTimeout(SETTLE);
  await shot('voice-stage');
  await browser.close();
}

void main();
