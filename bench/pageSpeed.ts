/**
 * The built application in Chromium: bytes of script the Book loads (gzip), and the time from a
 * keystroke in the chart to repainted threads. Expects a running server; see scripts/bench.
 */
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { chorusText } from './chorus';

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

/** A tune of 64 chords in all drop families with their colours. @returns its id */
async function longTune(page: Page): Promise<string> {
  const fields = { title: 'Measured', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
  const made = await page.request.post(`${BASE}/api/tunes`, {
    data: { ...fields, text: chorusText() },
  });
  const tune = (await made.json()) as TuneAnswer;
  const [{ id, name, version, setup }] = tune.arrangements;
  const families = ['drop2', 'drop3', 'drop24', 'drop23'];
  await page.request.put(`${BASE}/api/arrangements/${id}`, {
    data: { name, version, setup: { ...setup, families, tensions: 'available' } },
  });
  return tune.id;
}

interface TuneAnswer {
  readonly id: string;
  readonly arrangements: readonly [
    {
      readonly id: string;
      readonly name: string;
      readonly version: number;
      readonly setup: object;
    },
  ];
}

/** From a slider moved from one end to the other to the frame after the threads have changed, in ms, median. */
async function slider(page: Page): Promise<number> {
  const id = await longTune(page);
  await page.goto(`${BASE}/tune/${id}/voice`);
  await page.locator('.chord-button').first().waitFor();
  await page.keyboard.press('t');
  await page.waitForTimeout(2500);
  const handle = page.getByRole('slider', { name: 'Back to the middle' });
  await handle.focus();
  const times: number[] = [];
  for (let i = 0; i < KEYSTROKES; i += 1) {
    await page.evaluate(WATCH_THREADS);
    await page.keyboard.press(i % 2 ? 'Home' : 'End');
    times.push(await page.evaluate(THREADS_CHANGED));
    await page.waitForTimeout(600);
  }
  await page.request.delete(`${BASE}/api/tunes/${id}`);
  return times.sort((a, b) => a - b)[Math.floor(KEYSTROKES / 2)] ?? 0;
}

const STEPS = 30;

/** Frames while one steps through 100 bars of five chords each: of twenty the longest but one, in ms. */
async function stepping(page: Page): Promise<number> {
  const chords = ['Dm7', 'G7', 'Cmaj7', 'A7', 'Em7', 'Am7', 'D7', 'Gmaj7', 'Fmaj7', 'Bb7', 'Cm7'];
  const bar = (at: number): string =>
    [0, 1, 2, 3, 4].map((k) => chords[(at * 5 + k * 3) % chords.length]).join(' ');
  const text = `| ${Array.from({ length: 100 }, (_, at) => bar(at)).join(' | ')} |`;
  const fields = { title: 'Measured', key: 'C', meter: '5/4', tempo: 120, feel: 'swing' };
  const made = await page.request.post(`${BASE}/api/tunes`, { data: { ...fields, text } });
  const { id } = (await made.json()) as TuneAnswer;
  await page.goto(`${BASE}/tune/${id}/voice`);
  await page.locator('.chord-button').nth(499).waitFor({ state: 'attached' });
  await page.waitForTimeout(3000);
  await page.evaluate(COUNT_FRAMES);
  for (let step = 0; step < STEPS; step += 1) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(60);
  }
  const frames = await page.evaluate(FRAMES_COUNTED);
  await page.request.delete(`${BASE}/api/tunes/${id}`);
  return frames.sort((a, b) => a - b)[Math.floor(frames.length * 0.95)] ?? 0;
}

const COUNT_FRAMES = (): void => {
  const page = window as unknown as { frames: number[]; next: (now: number) => void };
  page.frames = [];
  let last = performance.now();
  // A property: a function with a name of its own would not cross to the page.
  page.next = (now) => {
    page.frames.push(now - last);
    last = now;
    requestAnimationFrame(page.next);
  };
  requestAnimationFrame(page.next);
};

const FRAMES_COUNTED = (): number[] => (window as unknown as { frames: number[] }).frames;

/** Waits in the page for a key and then for the threads; the answer is fetched by the next. */
const WATCH_THREADS = (): void => {
  const page = window as unknown as { changed?: Promise<number> };
  page.changed = new Promise((done) => {
    let start = Infinity;
    window.addEventListener(
      'keydown',
      () => {
        start = performance.now();
      },
      { capture: true, once: true },
    );
    const observer = new MutationObserver(() => {
      observer.disconnect();
      requestAnimationFrame(() =>
        setTimeout(() => {
          done(performance.now() - start);
        }),
      );
    });
    const strands = document.querySelector('.threads')!;
    observer.observe(strands, { subtree: true, childList: true, attributeFilter: ['y1', 'cy'] });
  });
};

const THREADS_CHANGED = (): Promise<number> =>
  (window as unknown as { changed: Promise<number> }).changed;

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
  print(
    'voice: slider moved to repainted threads, 64 chords, all drop families with colours',
    await slider(page),
    'ms',
  );
  print('voice: 95 of 100 frames while stepping, 500 chords, at most', await stepping(page), 'ms');
  await browser.close();
}

void main();
