import type { Locator, Page } from '@playwright/test';
import { inLight, standsUp } from './axe';
import { demoTunes } from './demoTunes';
import { Desk, expect, test } from './desk';
import { everyScreen, goTo, over, rowsOver, tunePath } from './screens';

for (const [name, width, height] of [
  ['a phone with large type', 320, 640],
  ['a phone', 390, 844],
  ['a large page, as twice as large type leaves it', 640, 400],
  ['a tablet', 820, 1180],
  ['a tablet lying', 1024, 768],
  ['a laptop', 1280, 800],
  ['a large screen', 1920, 1080],
] as const) {
  test(`no screen goes over its edge on ${name}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const screen of await everyScreen(page)) {
      await goTo(page, screen);
      expect([screen, await over(page), await rowsOver(page)]).toEqual([screen, 0, []]);
    }
  });
}

for (const [width, height] of [
  [390, 844],
  [820, 1180],
  [1280, 800],
] as const) {
  for (const light of ['house', 'stage'] as const) {
    test(`every screen stands up to the accessibility rules ${width} wide in ${light} light`, async ({
      page,
    }) => {
      await page.setViewportSize({ width, height });
      await inLight(page, light);
      for (const screen of await everyScreen(page)) {
        await goTo(page, screen);
        const fold = page.getByRole('button', { name: 'All of this chord' });
        if (await fold.isVisible()) await fold.click();
        await standsUp(page, light);
      }
    });
  }
}

/** Symbols and numbers of every screen that has them, and what is there last. */
const SYMBOLS: readonly (readonly [screen: string, symbols: string, last?: string])[] = [
  ['chart', '.slot .symbol', '.slot-number'],
  ['voice', '.chord-symbol .symbol'],
  ['comp', '.chord-symbol .symbol'],
  ['practise', '.line-numeral'],
  ['stand', '.phrase-symbol .symbol'],
];

/** Symbols that lie on the next one, with it. */
async function lying(symbols: Locator): Promise<string[]> {
  const boxes = await symbols.evaluateAll((all) =>
    all.map((each) => {
      const words = document.createRange();
      words.selectNodeContents(each);
      const { left, right, bottom } = words.getBoundingClientRect();
      return { left, right, bottom, text: each.textContent };
    }),
  );
  return boxes.flatMap(({ right, bottom, text }, at) => {
    const next = boxes[at + 1];
    const isBeside = next && next.left > boxes[at]!.left && Math.abs(next.bottom - bottom) < 12;
    return isBeside && next.left < right - 1 ? [`${text} ${next.text}`] : [];
  });
}

for (const [what, text, widths] of [
  ['usual', '| Fm6 Edim7 Fm6 Edim7 | C | Bbm7 Eb7 Abmaj7 Db9 | C |', [820, 1024, 1280, 1920]],
  [
    'long',
    '| Bbm7b5 Ebmaj7#11 Abm7b5 Dbmaj7#11 | C | Gm7b5/Db C7#5#9 Fm(maj7) Bb7b13 | C |',
    [1280, 1920],
  ],
] as const) {
  test(`four ${what} symbols of a bar do not lie on one another`, async ({ page }) => {
    const desk = new Desk(page);
    await desk.newTune(text);
    for (const screen of ['Voice', 'Comp'] as const) {
      await desk.screen(screen);
      for (const width of widths) {
        await page.setViewportSize({ width, height: 800 });
        await expect(desk.chords).toHaveCount(10);
        const symbols = page.locator('.chord-symbol .symbol');
        await expect.poll(() => lying(symbols)).toEqual([]);
      }
    }
  });
}

/** How wide a page has been since it opened, in any frame, and how much of it moved by itself. */
interface Opening {
  readonly frames: number;
  readonly widest: number;
  readonly moved: number;
}

/** Watches every page from its first frame. */
const watchOpening = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const opening = { frames: 0, widest: 0, moved: 0 };
    Object.assign(window, { opening });
    const look = (): void => {
      opening.frames += 1;
      opening.widest = Math.max(opening.widest, document.documentElement.scrollWidth);
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) {
        const { value, hadRecentInput } = entry as unknown as Shift;
        if (!hadRecentInput) opening.moved += value;
      }
    }).observe({ type: 'layout-shift', buffered: true });
  });

/** Source: W3C (WICG), Layout Instability. */
interface Shift {
  readonly value: number;
  readonly hadRecentInput: boolean;
}

/** Less than this is hardly seen. Source: Core Web Vitals, cumulative layout shift, "good". */
const HARDLY_MOVED = 0.1;

/** What is wrong with how a page of a phone opened. */
async function openingFaults(page: Page): Promise<string[]> {
  const { frames, widest, moved } = await page.evaluate(
    () =>
      // What moved in a frame is told after it.
      new Promise<Opening>((resolve) => {
        requestAnimationFrame(() => {
          setTimeout(() => {
            resolve((window as unknown as { opening: Opening }).opening);
          }, 50);
        });
      }),
  );
  expect(frames).toBeGreaterThan(3);
  return [
    ...(widest > 390 ? [`was ${widest} wide`] : []),
    ...(moved > HARDLY_MOVED ? [`moved by ${moved.toFixed(2)}`] : []),
  ];
}

test('on a phone no screen is too wide before its faces are there', async ({ page, quiet }) => {
  quiet.allow(/Failed to load resource: net::ERR_FAILED/);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.route(/\.woff2?$/, (route) => route.abort());
  for (const screen of await everyScreen(page)) {
    await goTo(page, screen);
    expect([screen, await over(page)]).toEqual([screen, 0]);
  }
});

test('on a phone no screen is too wide for a single frame, or moves by itself, while it opens', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await watchOpening(page);
  for (const screen of await everyScreen(page)) {
    await goTo(page, screen);
    expect([screen, await openingFaults(page)]).toEqual([screen, []]);
  }
});

test('on a phone the symbols of no demo tune lie on one another, and no screen of it moves by itself', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await watchOpening(page);
  let seen = 0;
  for (const { id, title } of await demoTunes(page)) {
    for (const [screen, selector, read = selector] of SYMBOLS) {
      await page.goto(`/tune/${id}/${screen}`);
      const symbols = page.locator(selector);
      await expect(page.locator(read).first()).toHaveText(/\S/);
      expect([title, screen, await lying(symbols)]).toEqual([title, screen, []]);
      expect([title, screen, await over(page)]).toEqual([title, screen, 0]);
      expect([title, screen, await openingFaults(page)]).toEqual([title, screen, []]);
      seen += await symbols.count();
    }
  }
  expect(seen).toBeGreaterThan(1000);
});

test('on a phone what a button opens stays on the page', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${await tunePath(page, 'Half Past the Tide')}/voice`);
  for (const name of [/^Instrument:/, /^Voicings:/, /^Room:/, /^View/, /^Loudness/]) {
    await page.getByRole('button', { name }).click();
    const opened = page.locator('.ant-popover:visible');
    await expect(opened).toHaveCount(1);
    const { x, width } = (await opened.boundingBox())!;
    expect([name.source, x >= 0, x + width <= 390]).toEqual([name.source, true, true]);
    for (const control of await opened.locator('label, button').all()) {
      const box = await control.boundingBox();
      if (box) expect(box.x >= 0 && box.x + box.width <= 390).toBe(true);
    }
    await page.keyboard.press('Escape');
    await expect(opened).toHaveCount(0);
  }
});

test('on a phone the row at the foot stands still while the screen above it is on its way', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const [tune] = await demoTunes(page);
  let send = (): void => undefined;
  const sent = new Promise<void>((resolve) => {
    send = resolve;
  });
  await page.route(/assets\/VoicePage.*\.js$/, async (route) => {
    await sent;
    await route.continue();
  });
  await page.goto(`/tune/${tune!.id}/voice`);
  const button = page.getByRole('button', { name: 'Loudness' });
  await button.click();
  const opened = page.locator('.ant-popover:visible');
  await expect(opened.getByText('Mind your ears')).toBeVisible();
  const early = [await button.boundingBox(), await opened.boundingBox()];
  send();
  await expect(page.locator('.chord-symbol').first()).toBeVisible();
  expect([await button.boundingBox(), await opened.boundingBox()]).toEqual(early);
});
