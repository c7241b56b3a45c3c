/**
 * The built application in Chromium: bytes of script the Book loads (gzip), and the time from a
 * keystroke in the chart to repainted threads. Expects a running server; see scripts/bench.
 */
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';

const BASE = process.env['DROP_CLOSE_BENCH_URL'] ?? 'http://127.0.0.1:4680';
const KEYSTROKES = 15;

const print = (name: string, value: number, unit: string): void => {
  console.log(JSON.stringify({ name, value: Math.round(value * 10) / 10, unit }));
};

async function scriptBytes(page: Page): Promise<number> {
  let bytes = 0;
  const sizes: Promise<void>[] = [];
  page.on('response', (response) => {
    if (!/\.js$/.test(response.url())) return;
    sizes.push(
      response.body().then((body) => {
        bytes += gzipSync(body, { level: 6 }).byteLength;
      }),
    );
  });
  await page.goto(`${BASE}/book`);
  await page.getByRole('heading', { name: 'The book' }).waitFor();
  await page.waitForLoadState('networkidle');
  await Promise.all(sizes);
  return bytes;
}

/** From text typed in the changes to the frame after its chord stands in the sheet with its number. */
async function keystroke(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'The Second Lantern' }).click();
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  const changes = page.getByRole('textbox', { name: 'Changes' });
  await changes.waitFor();
  await page.waitForTimeout(1500);
  const times: number[] = [];
  for (let i = 0; i < KEYSTROKES; i += 1) {
    await changes.focus();
    await page.keyboard.press('Control+End');
    times.push(await page.evaluate(TYPE_AND_WAIT, ` ${'CDEFGAB'.charAt(i % 7)}9 |`));
    await page.waitForTimeout(300);
    await page.keyboard.press('Control+z');
    await page.waitForTimeout(300);
  }
  await page.waitForTimeout(1500);
  return times.sort((a, b) => a - b)[Math.floor(KEYSTROKES / 2)] ?? 0;
}

/** From choosing another family to the frame after the threads show it, in ms, median. */
async function family(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'Voice', exact: true }).click();
  await page.locator('.chord-button').first().waitFor();
  // Whatever the tune was left in: choosing what is chosen already would change nothing.
  await page.locator('.ant-segmented-item', { hasText: 'drop 2' }).click();
  await page.waitForTimeout(1500);
  const times: number[] = [];
  for (let i = 0; i < KEYSTROKES; i += 1) {
    times.push(await page.evaluate(CHOOSE_AND_WAIT, i % 2 ? 'drop 2' : 'close'));
    await page.waitForTimeout(300);
  }
  return times.sort((a, b) => a - b)[Math.floor(KEYSTROKES / 2)] ?? 0;
}

const CHOOSE_AND_WAIT = (label: string): Promise<number> =>
  new Promise((done) => {
    const items = [...document.querySelectorAll<HTMLElement>('.ant-segmented-item')];
    const start = performance.now();
    const observer = new MutationObserver(() => {
      if (!document.querySelector('.panel-name')?.textContent.startsWith(label)) return;
      observer.disconnect();
      requestAnimationFrame(() =>
        setTimeout(() => {
          done(performance.now() - start);
        }),
      );
    });
    observer.observe(document.body, { subtree: true, childList: true, characterData: true });
    items.find((item) => item.textContent === label)?.click();
  });

const TYPE_AND_WAIT = (typed: string): Promise<number> =>
  new Promise((done) => {
    const root = typed.trim().charAt(0);
    const slots = document.querySelectorAll('.slot').length;
    const start = performance.now();
    const observer = new MutationObserver(() => {
      const last = [...document.querySelectorAll('.slot')].at(slots);
      if (!last?.textContent.startsWith(root) || !last.querySelector('.slot-number')) return;
      observer.disconnect();
      requestAnimationFrame(() =>
        setTimeout(() => {
          done(performance.now() - start);
        }),
      );
    });
    observer.observe(document.body, { subtree: true, childList: true, characterData: true });
    // The one way a script can type in an editable element.
    // eslint-disable-next-line @typescript-eslint/no-deprecated
    document.execCommand('insertText', false, typed);
  });

async function main(): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  print('book: script on first load, gzip', (await scriptBytes(page)) / 1000, 'kB');
  print(
    'chart: typed chord to its place and number in the sheet, 32 bars, 50 chords',
    await keystroke(page),
    'ms',
  );
  print('voice: family chosen to repainted threads, 32 bars, 50 chords', await family(page), 'ms');
  await browser.close();
}

void main();
