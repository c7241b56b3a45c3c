import type { Locator, Page } from '@playwright/test';
import { faultsOf, inLight } from './axe';
import { expect, test } from './desk';
import { setPath, tunePath } from './screens';

/** A screen, what is pressed there (a key, or the name of a button), and what opens. */
type Opened = readonly [path: string, press: string | RegExp, opens: 'dialog' | 'popover'];

async function dialogs(page: Page): Promise<Opened[]> {
  const tune = await tunePath(page, 'Half Past the Tide');
  return [
    ['/book', 'Thrown away', 'dialog'],
    ['/book', 'Passphrase', 'dialog'],
    ['/book', 'New étude', 'dialog'],
    ['/book', 'Find anything', 'dialog'],
    ['/book', 'About this screen, and its keys', 'dialog'],
    [`${tune}/chart`, 'How symbols and notes are written', 'popover'],
    [`${tune}/chart`, 'Earlier versions', 'dialog'],
    [`${tune}/voice`, /^Instrument:/, 'popover'],
    [`${tune}/voice`, /^Voicings:/, 'popover'],
    [`${tune}/voice`, /^Room:/, 'popover'],
    [`${tune}/voice`, /^View/, 'popover'],
    [`${tune}/voice`, /^Loudness/, 'popover'],
    [`${tune}/voice`, 'key f', 'dialog'],
    [`${tune}/comp`, 'Band', 'popover'],
    [`${tune}/take-away`, 'Pages on the stand', 'dialog'],
    [`${await setPath(page)}/take-away`, 'Everyone’s parts', 'popover'],
    ['/practise/logbook', 'Write an entry', 'dialog'],
    ['/practise/holes', 'Another form', 'dialog'],
  ];
}

async function open(page: Page, press: Opened[1]): Promise<void> {
  if (typeof press === 'string' && press.startsWith('key ')) {
    await expect(page.locator('.chord-symbol').first()).toBeVisible();
    await page.keyboard.press(press.slice('key '.length));
    return;
  }
  const exact = typeof press === 'string';
  const button = page.getByRole('button', { name: press, exact });
  await expect(button).toBeEnabled();
  await button.click();
}

/** Whether something lies on the page from edge to edge, however far it scrolls downward. */
async function isOnPage(opened: Locator, width: number): Promise<void> {
  await expect
    .poll(async () => {
      const box = await opened.boundingBox();
      return box && box.x >= 0 && box.x + box.width <= width;
    })
    .toBe(true);
}

for (const [width, height, light] of [
  [390, 844, 'house'],
  [820, 1180, 'stage'],
  [1280, 800, 'house'],
] as const) {
  test(`every dialog stands up to the accessibility rules, and lies on the page, ${width} wide in ${light} light`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await inLight(page, light);
    const faults: string[] = [];
    for (const [path, press, opens] of await dialogs(page)) {
      await test.step(`${path}: ${String(press)}`, async () => {
        await page.goto(path);
        await open(page, press);
        const opened =
          opens === 'dialog'
            ? page.getByRole('dialog').last()
            : page.locator('.ant-popover:visible').last();
        await expect(opened).toBeVisible();
        await isOnPage(opened, width);
        const found = await faultsOf(page, light);
        faults.push(...found.map((fault) => `${path}, ${String(press)}: ${fault}`));
      });
    }
    expect(faults).toEqual([]);
  });
}
