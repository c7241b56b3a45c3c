/**
 * A book in which 2,000 items were practised 50,000 times: how long the lists take on the server, and how long the page
 * takes from a press on Practise to what is due, and to the map of holes. Run: scripts/bench practice.
 */
import { FAMILY_IDS, itemKey, KEY_GROUPS, QUALITIES, type Inversion } from '@drop-close/core';
import { randomUUID } from 'node:crypto';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { House } from '../soak/house';
import { print } from './report';

const house = new House('bench', 4719);

const ITEMS = 2000;
const REVIEWS = 25;
const A_DAY = 86_400_000;
const RUNS = 9;
/** Of one request; the server takes no more. */
const AT_ONCE = 200;
const GRADES = ['again', 'hard', 'good', 'good', 'easy'] as const;

function items(): string[] {
  const all = FAMILY_IDS.flatMap((family) =>
    QUALITIES.flatMap((quality) =>
      KEY_GROUPS.flatMap((keys) =>
        ([0, 1, 2, 3] as Inversion[]).map((inversion) =>
          itemKey({ kind: 'form', family, quality, where: '5432', inversion, keys }),
        ),
      ),
    ),
  );
  return all.slice(0, ITEMS);
}

async function fill(): Promise<void> {
  const now = Date.now();
  const notes = items().flatMap((item, place) =>
    Array.from({ length: REVIEWS }, (_, at) => ({
      ...{ id: randomUUID(), item, kind: 'review', grade: GRADES[(place + at) % GRADES.length] },
      at: now - (REVIEWS - at) * 6 * A_DAY - (place % 97) * 60_000,
    })),
  );
  for (let from = 0; from < notes.length; from += AT_ONCE) {
    const answer = await fetch(`${house.address}/api/practice/notes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ notes: notes.slice(from, from + AT_ONCE) }),
    });
    if (!answer.ok) throw new Error(`The notes were answered with ${answer.status}.`);
  }
}

const middle = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

async function asked(path: string): Promise<number> {
  const times: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    const start = performance.now();
    await (await fetch(`${house.address}/api${path}`)).text();
    times.push(performance.now() - start);
  }
  return middle(times);
}

/** From a press on a link to the frame after something is on the page, in ms; as text, for the page to run. */
const pressAndWait = (link: string, sign: string): string => `new Promise((resolve) => {
  const start = performance.now();
  const look = () => {
    if (document.querySelector(${JSON.stringify(sign)})) {
      requestAnimationFrame(() => resolve(performance.now() - start));
    } else requestAnimationFrame(look);
  };
  document.querySelector(${JSON.stringify(link)}).click();
  look();
})`;

async function pressed(page: Page, link: string, sign: string): Promise<number> {
  const times: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    await page.locator('.brand').click();
    await page.locator('.book-table, .page').first().waitFor();
    await page.waitForTimeout(800);
    if (link !== PRACTISE) await page.locator(PRACTISE).first().click();
    await page.locator(link).first().waitFor();
    await page.waitForTimeout(800);
    times.push(await page.evaluate<number>(pressAndWait(link, sign)));
  }
  return middle(times);
}

const PRACTISE = 'a[href="/practise"]';

async function main(): Promise<void> {
  await house.raze();
  await house.open();
  const start = performance.now();
  await fill();
  print('50,000 reviews noted, 200 a request', (performance.now() - start) / 1000, 's');
  print('list of 2,000 items', await asked('/practice/items'), 'ms');
  print('list of what is due', await asked('/practice/due'), 'ms');
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${house.address}/practise`);
  await page.locator('.due-row').first().waitFor();
  print('Practise opened, to what is due', await pressed(page, PRACTISE, '.due-row'), 'ms');
  const holes = await pressed(page, 'a[href="/practise/holes"]', '.hole');
  print('map of holes opened', holes, 'ms');
  await browser.close();
  await house.close();
}

void main();
