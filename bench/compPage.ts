/**
 * The Comp screen in Chromium: 160 bars comped behind a solo of 1,500 notes, and played while the page is scrolled.
 * Expects a running server; see scripts/bench.
 */
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { chorusText } from './chorus';

const BASE = process.env['DROP_CLOSE_BENCH_URL'] ?? 'http://127.0.0.1:4680';
const CHORUSES = 5;
const TEMPO = 200;
/** How long the music is listened to, in ms. */
const LISTENED = 30_000;

const print = (name: string, value: number, unit: string): void => {
  console.log(JSON.stringify({ name, value: Math.round(value * 10) / 10, unit }));
};

interface Made {
  readonly id: string;
  readonly arrangements: readonly [
    { readonly id: string; readonly name: string; readonly version: number; readonly setup: Setup },
  ];
}

interface Setup {
  readonly comp: object;
}

/** Phrases of fourteen notes over every six beats, an eighth or half of one each, the rest of it silent. */
const soloNotes = Array.from({ length: 1500 }, (_, at) => ({
  midi: 62 + ((at * 5) % 17),
  at: Math.floor(at / 14) * 2880 + (at % 14) * 150,
  length: 140,
  velocity: 84,
}));

async function setUp(page: Page): Promise<string> {
  const fields = { title: 'Measured', key: 'C', meter: '4/4', tempo: TEMPO, feel: 'swing' };
  const made = await page.request.post(`${BASE}/api/tunes`, {
    data: { ...fields, text: chorusText() },
  });
  const { id, arrangements } = (await made.json()) as Made;
  const line = { written: false, notes: soloNotes };
  const solo = await page.request.post(`${BASE}/api/tunes/${id}/solos`, {
    data: { name: 'Long', line },
  });
  const [{ id: arrangement, name, version, setup }] = arrangements;
  const comp = {
    ...setup.comp,
    plan: Array.from({ length: CHORUSES }, () => []),
    behind: ((await solo.json()) as { id: string }).id,
  };
  await page.request.put(`${BASE}/api/arrangements/${arrangement}`, {
    data: { name, version, setup: { ...setup, comp } },
  });
  return id;
}

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const id = await setUp(page);
  await page.goto(`${BASE}/tune/${id}/comp`);
  await page.locator('.lane-note').first().waitFor();
  await page.waitForTimeout(2000);
  const start = Date.now();
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  await page.locator('.hit').first().waitFor();
  print('comp: 160 bars behind 1500 notes, click to painted hits', Date.now() - start, 'ms');
  await page.getByRole('button', { name: 'Play the chorus' }).click();
  await page.locator('.chord-button.sounding').waitFor();
  const end = Date.now() + LISTENED;
  while (Date.now() < end) {
    await page.mouse.wheel(0, 600);
    await page.waitForTimeout(120);
    await page.mouse.wheel(0, -600);
    await page.waitForTimeout(120);
  }
  const late = Number(await page.locator('.transport').getAttribute('data-late'));
  print('comp: notes handed over too late in 30 s of playing and scrolling', late, 'notes');
  await page.request.delete(`${BASE}/api/tunes/${id}`);
  await browser.close();
}

void main();
