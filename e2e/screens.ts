import { expect, type Page } from '@playwright/test';
import { allTunes } from './demoTunes';

/** The path of a screen, and a sign that it is there with all that it shows. */
export type Screen = readonly [path: string, sign: string];

/** The path of a tune. */
export async function tunePath(page: Page, title: string): Promise<string> {
  const tunes = await allTunes(page);
  return `/tune/${tunes.find((tune) => tune.title === title)!.id}`;
}

/** The path of the first set. */
export async function setPath(page: Page): Promise<string> {
  const sets = (await (await page.request.get('/api/sets')).json()) as { readonly id: string }[];
  return `/set/${sets[0]!.id}`;
}

/** Narrower than this the panel of Voice is a sheet that waits to be opened, in pixels. */
const ROOM_FOR_PANEL = 1000;

/** Every screen. @param of their tune and set, by default of the demo */
export async function everyScreen(
  page: Page,
  of: { readonly tune?: string; readonly set?: string } = {},
): Promise<readonly Screen[]> {
  const tune = of.tune ?? (await tunePath(page, 'Half Past the Tide'));
  const set = of.set ?? (await setPath(page));
  const hasPanel = page.viewportSize()!.width >= ROOM_FOR_PANEL;
  return [
    ['/welcome', 'textarea'],
    ['/book', '.book-table'],
    [`${tune}/chart`, '.slot'],
    [`${tune}/voice`, hasPanel ? '.alternative' : '.chord-symbol'],
    [`${tune}/comp`, '.lane'],
    [`${tune}/practise`, '.line-chord'],
    [`${tune}/take-away`, '.sheet-system svg'],
    [`${tune}/take-away?sheet=threads`, '.sheet-page svg'],
    [`${tune}/stand`, '.phrase-symbol'],
    ['/practise', '.due-row'],
    ['/practise/logbook', '.log-table'],
    ['/practise/holes', '.hole'],
    ['/practise/items', '.items tbody tr'],
    [`${set}/take-away`, '.booklet-title'],
    ['/bring-in', 'textarea'],
    ['/whole-book', 'h1'],
    ['/player', '.profile-field'],
    ['/help', 'h2'],
  ];
}

/** Goes to a screen, and waits until it is there. */
export async function goTo(page: Page, [path, sign]: Screen): Promise<void> {
  await page.goto(path);
  await expect(page.locator(sign).first()).toBeVisible();
}

/** How far a page goes over its edge, in pixels. */
export const over = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** Rows of controls that go over the edge of their own column, under what stands beside it. */
export const rowsOver = (page: Page): Promise<string[]> =>
  page
    .locator('.setup-bar, .chart-bar, .transport, .tune-head, .practise-bar, .takeaway-bar')
    .evaluateAll((rows) =>
      rows
        .filter((row) => row.checkVisibility() && row.scrollWidth > row.clientWidth + 1)
        .map((row) => row.getAttribute('class') ?? ''),
    );
