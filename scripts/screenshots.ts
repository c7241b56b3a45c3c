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

async function open(
  page: Page,
  title: string,
  screen: 'Chart' | 'Voice' | 'Comp' | 'Take away',
): Promise<void> {
  await page.goto(`${BASE}/book`);
  await page.getByRole('link', { name: title, exact: true }).click();
  await page.getByRole('link', { name: screen, exact: true }).click();
  await page.waitForTimeout(SETTLE);
}

/** Comping: a movement tried, the soloist's gaps, the plan of a set, and the stand. */
async function comp(page: Page, shot: (name: string) => Promise<unknown>): Promise<void> {
  await open(page, 'Bilge Lamp Blues', 'Comp');
  await page.getByRole('button', { name: 'Fill with patterns' }).click();
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

  await open(page, 'Half Past the Tide', 'Comp');
  await page.getByRole('link', { name: 'On the stand' }).click();
  await page.waitForTimeout(SETTLE);
  await page.keyboard.press('PageDown');
  await page.waitForTimeout(SETTLE);
  await shot('stand');
}

/** Practising: what is due, a layer, a drill, the chart by heart, the logbook, the map of holes. */
async function practise(page: Page, shot: (name: string) => Promise<unknown>): Promise<void> {
  const go = async (path: string): Promise<void> => {
    await page.goto(`${BASE}${path}`);
    await page.waitForTimeout(3 * SETTLE);
  };
  await go('/practise');
  await shot('practise');
  await open(page, 'Loose Gangway', 'Voice');
  await page.getByRole('link', { name: 'Practise' }).last().click();
  await page.getByRole('button', { name: /Guide tones/ }).click();
  await page.waitForTimeout(2 * SETTLE);
  await shot('practise-layer');
  const address = new URL(page.url()).pathname;
  await go(`${address}?do=drills&drill=nearest+next+grip`);
  await shot('practise-drill');
  await go(`${address}?do=by-heart`);
  await shot('practise-by-heart');
  await go('/practise/logbook');
  await shot('logbook');
  await go('/practise/holes');
  await shot('holes');
}

/** A letter as it comes, with one mistake in it. */
const LETTER = `> Hi all, these two for Friday:

Low Water Walk
key of B♭ minor – 3/4 – medium

A: Bbm7 | Eb7 | Abmaj7 | Dbmaj7 x2
Bridge
// bass alone here
Gm7b5 | C7b9 | Fm7 / / | Fm7 D7x |

Tin Cup Two (Dm)
bossa nova, 130 bpm

Dm7 G7
Cmaj7 A7alt
D-7 GΔ
Dm6`;

/** What leaves and what comes in: a lead sheet, a comp part with its tab, tracks, a letter. */
async function takeAway(page: Page, shot: (name: string) => Promise<unknown>): Promise<void> {
  await open(page, 'Loose Gangway', 'Take away');
  await page.goto(`${page.url()}?sheet=lead+sheet&for=tenor+sax`);
  await page.waitForTimeout(2 * SETTLE);
  await shot('take-away');
  await open(page, 'Bilge Lamp Blues', 'Take away');
  await page.goto(`${page.url()}?sheet=comp`);
  await page.waitForTimeout(4 * SETTLE);
  await shot('take-away-comp');
  await page.locator('.takeaway-sides').getByText('Practice tracks').click();
  await page.getByRole('button', { name: 'Make the track' }).click();
  await page.locator('audio').first().waitFor({ timeout: 120_000 });
  await page.getByRole('button', { name: 'All keys by fourths' }).click();
  await page.getByRole('spinbutton', { name: 'Times in each key' }).fill('1');
  await page.getByRole('button', { name: 'Make the track' }).click();
  await page.waitForTimeout(4 * SETTLE);
  await shot('tracks');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.goto(`${BASE}/bring-in`);
  await page.getByRole('textbox', { name: 'Changes as text' }).fill(LETTER);
  await page.waitForTimeout(2 * SETTLE);
  await shot('bring-in');
  await page.getByRole('button', { name: 'Clear' }).click();
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

  await open(page, 'The Second Lantern', 'Voice');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(SETTLE);
  await shot('voice-guitar');

  await page.goto(`${BASE}/book`);
  await page.getByRole('button', { name: 'New étude' }).click();
  await page.waitForTimeout(2 * SETTLE);
  await shot('etude');

  await open(page, 'Half Past the Tide', 'Voice');
  await instrument(page, 'Keyboard');
  await shot('voice-keyboard');

  await comp(page, shot);
  await practise(page, shot);

  await takeAway(page, shot);

  await page.goto(`${BASE}/player`);
  await page.waitForTimeout(SETTLE);
  await shot('hands');

  await browser.close();
}

void main();
