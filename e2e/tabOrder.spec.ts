import type { Page } from '@playwright/test';
import { expect, test } from './desk';
import { everyScreen, goTo } from './screens';

/** What has the focus: how it is called, in which part of the page it is, and where. */
interface Stop {
  readonly name: string;
  readonly part: number;
  readonly x: number;
  readonly y: number;
  readonly seen: boolean;
}

/** From top to bottom, as one reads a page. */
const PARTS = ['header.shell', '.tune-head', 'main', 'footer'];

async function stopNow(page: Page): Promise<Stop | undefined> {
  const place = await page.evaluate((parts) => {
    const now = document.activeElement;
    if (!now || now === document.body) return undefined;
    // Of a choice among several, the whole of it is what is seen.
    const shown = now.closest('label, .ant-select, .ant-input-number') ?? now;
    const { x, y, width, height, bottom } = shown.getBoundingClientRect();
    return {
      part: parts.findIndex((part) => now.closest(part)),
      ...{ x, y },
      seen: width > 0 && height > 0 && bottom > 0 && y < innerHeight,
    };
  }, PARTS);
  if (!place) return undefined;
  const told = await page.locator(':focus').ariaSnapshot();
  const [, name, text] = /^- '?[\w ]+(?: "(.+?)"|: (.+))/.exec(told) ?? [];
  return { ...place, name: name ?? text ?? '' };
}

/** So many are gone through, of hundreds. */
const MOST = 45;

/** What Tab comes to, from the top of the page. */
async function stopsOn(page: Page): Promise<Stop[]> {
  const stops: Stop[] = [];
  for (let at = 0; at < MOST; at++) {
    await page.keyboard.press('Tab');
    const stop = await stopNow(page);
    if (!stop) break;
    stops.push(stop);
  }
  return stops;
}

test('Tab goes through every screen as one reads it, to what is named and seen', async ({
  page,
}) => {
  let seen = 0;
  for (const screen of await everyScreen(page)) {
    const [path] = screen;
    await goTo(page, screen);
    await page.locator('body').evaluate((body) => {
      (document.activeElement as HTMLElement | null)?.blur();
      body.scrollTo(0, 0);
    });
    const stops = await stopsOn(page);
    const told = (wrong: readonly Stop[]): unknown => [path, wrong.map(({ name }) => name)];
    expect([path, stops.filter(({ name, seen: isSeen }) => !name || !isSeen)]).toEqual([path, []]);
    // Down the page, part by part; in one row from left to right.
    const back = stops.filter((stop, at) => {
      const before = stops[at - 1];
      if (!before) return false;
      if (stop.part !== before.part) return stop.part < before.part;
      return Math.abs(stop.y - before.y) < 4 && stop.x < before.x;
    });
    expect(told(back)).toEqual([path, []]);
    seen += stops.length;
  }
  expect(seen).toBeGreaterThan(200);
});
