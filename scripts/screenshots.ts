/**
 * Takes the pictures of docs/screenshots from a freshly loaded demo book: run ./start on an empty
 * .data/book, then npx tsx scripts/screenshots.ts
 */
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';

const BASE = process.env['DROP_CLOSE_URL'] ?? 'http://127.0.0.1:4680';
const FOLDER = process.env['DROP_CLOSE_SHOTS'] ?? 'docs/screenshots';
const SETTLE = 1200;

async function instrument(page: Page, label: string): Promise<void> {
  const button = page.getByRole('button', { name: /^Instrument:/ });
  await button.click();
  await page.locator('.ant-segmented-item', { hasText: label }).click();
  await button.click();
  await page.waitForTimeout(SETTLE);
}

async function open(page: Page, title: string, screen: 'Chart' | 'Voice' | 'Comp'): Promise<void> {
  await page.goto(`${BASE}/book`);
  await page.getByRole('link', { name: title, exact: true }).click();
  await page.getByRole('link', { name: screen, exact: true }).click();
  await page.waitForTimeout(SETTLE);
}

/** What stands beside the sheet. */
async function side(page: Page, name: string): Promise<void> {
  await page.locator('.chart-sides').getByText(name, { exact: true }).click();
  await page.waitForTimeout(SETTLE);
}

/** Comping: a movement tried, the soloist's gaps, the plan of a set, and the stand. */
async function comp(page: Page, shot: (name: string) => Promise<unknown>): Promise<void> {
  await open(page, 'Bilge Lamp Blues', 'Comp');
  await page.getByRole('button', { name: 'Lay patterns' }).click();
  await page.waitForTimeout(SETTLE);
  await page.getByRole('tab', { name: 'Movement' }).click();
  await page.waitForTimeout(SETTLE);
  await page.getByRole('button', { name: 'climbing', exact: true }).click();
  await page.mouse.move(640, 700);
  await page.waitForTimeout(5 * SETTLE);
  await shot('comp');

  await open(page, 'Half Past the Tide', 'Comp');
  await page.getByRole('combobox', { name: 'Who solos' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'Running' }).click();
  await page.waitForTimeout(SETTLE);
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  await page.waitForTimeout(SETTLE);
  await page.locator('.hit').first().click();
  await page.waitForTimeout(SETTLE);
  await shot('comp-solo');

  await open(page, 'Bilge Lamp Blues', 'Comp');
  await page.getByRole('tab', { name: 'Licks' }).click();
  await page.waitForTimeout(SETTLE);
  await page.getByRole('button', { name: 'Lay licks, chords in the gaps' }).click();
  await page.waitForTimeout(3 * SETTLE);
  await shot('comp-licks');

  await open(page, 'Loose Gangway', 'Comp');
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  for (let more = 0; more < 3; more += 1) {
    await page.getByRole('button', { name: 'One chorus more' }).click();
  }
  await page.getByRole('button', { name: 'Take a shape…' }).click();
  await page.getByText('Up and back down').click();
  await page.getByRole('button', { name: 'Make it playable' }).click();
  await page.waitForTimeout(2 * SETTLE);
  await page.getByRole('button', { name: /^Chorus 3, B/ }).click();
  await page.mouse.move(640, 700);
  await page.waitForTimeout(SETTLE);
  await shot('comp-plan');

  await open(page, 'Half Past the Tide', 'Comp');
  await page.getByRole('link', { name: 'On the stand' }).click();
  await page.waitForTimeout(SETTLE);
  await page.keyboard.press('PageDown');
  await page.waitForTimeout(SETTLE);
  await shot('stand');
}

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = (name: string) => page.screenshot({ path: `${FOLDER}/${name}.png` });

  await page.goto(`${BASE}/book`);
  await page.waitForTimeout(SETTLE);
  await shot('book');

  await open(page, 'Half Past the Tide', 'Chart');
  await page.locator('.slot').nth(2).click();
  await page.waitForTimeout(SETTLE);
  await shot('chart');

  await open(page, 'Loose Gangway', 'Chart');
  await page.locator('.ant-segmented-item', { hasText: 'Map' }).click();
  await page.waitForTimeout(SETTLE);
  await page
    .getByRole('button', { name: /^1-6-2-5 turnaround/ })
    .first()
    .click();
  await shot('chart-map');
  await open(page, 'Rope and Ring', 'Chart');
  await side(page, 'Melody');
  await page.locator('.melody-note').nth(7).click();
  await page.waitForTimeout(SETTLE);
  await shot('chart-melody');
  await open(page, 'Half Past the Tide', 'Chart');
  await side(page, 'Scales');
  await page.getByRole('button', { name: 'Keep it in A1' }).click();
  await page.waitForTimeout(3 * SETTLE);
  await shot('chart-scales');
  await page.getByRole('button', { name: 'Let all go' }).click();
  await page.waitForTimeout(SETTLE);

  await open(page, 'The Second Lantern', 'Voice');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(SETTLE);
  await shot('voice-guitar');

  await page.keyboard.press('k');
  await page.waitForTimeout(2 * SETTLE);
  await shot('voice-compare');
  await page.keyboard.press('Escape');

  await open(page, 'Six Ways Home', 'Voice');
  await page.keyboard.press('t');
  await page.keyboard.press('g');
  await page.waitForTimeout(2 * SETTLE);
  await shot('voice-taste');
  await page.keyboard.press('t');
  await page.keyboard.press('g');

  await page.goto(`${BASE}/book`);
  await page.getByRole('button', { name: 'New étude' }).click();
  await page.waitForTimeout(2 * SETTLE);
  await shot('etude');

  await open(page, 'Half Past the Tide', 'Voice');
  await instrument(page, 'Keyboard');
  await shot('voice-keyboard');

  await open(page, 'Loose Gangway', 'Voice');
  await page.getByRole('tab', { name: 'How made' }).click();
  await page.getByRole('button', { name: 'Next step' }).click();
  await page.getByRole('button', { name: 'Next step' }).click();
  await page.waitForTimeout(SETTLE);
  await shot('voice-sheet');

  await page.keyboard.press('f');
  await page.locator('.browser-grip').nth(2).click();
  await page.waitForTimeout(SETTLE);
  await shot('voice-grips');

  await comp(page, shot);

  await page.goto(`${BASE}/player`);
  await page.waitForTimeout(SETTLE);
  await shot('hands');

  await page.goto(`${BASE}/book`);
  await page.getByRole('button', { name: 'Stage light' }).click();
  await open(page, 'Brass Rail, Evening', 'Voice');
  await page.waitForTimeout(SETTLE);
  await shot('voice-stage');
  await browser.close();
}

void main();
