import type { Locator, Page } from '@playwright/test';
import { expect, test } from './desk';
import { everyScreen, goTo, tunePath } from './screens';

/** What a player can set or press, as it stands in a snapshot of what a screen reader is told. */
const CHOICE =
  /- (?:button|combobox|switch|checkbox|slider|spinbutton|radiogroup|menuitem|link) "((?:[^"\\]|\\.)*)"(?! \[disabled\])/g;

const namesIn = async (opened: Locator): Promise<string[]> =>
  [...(await opened.ariaSnapshot()).matchAll(CHOICE)].map(([, name]) => name!);

const find = async (page: Page, words: string): Promise<void> => {
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Find anything' }).fill(words);
};

/** What belongs to a choice that is told, and the way to another page. */
const OF_ANOTHER =
  /^(Only .*|Increase Value|Decrease Value|Tuning and hands are set in your profile)$/;

test('what stands in anything that opens in place is found before it is opened', async ({
  page,
}) => {
  let opened = 0;
  const missing: string[] = [];
  for (const screen of await everyScreen(page)) {
    const [path] = screen;
    await goTo(page, screen);
    // Of those that stand in every row or bar, the first.
    const openers = page.locator(
      '[data-holds]:not(tr ~ tr *, li ~ li *, .sheet-bar ~ .sheet-bar *, .sheet-line ~ .sheet-line *, .sheet-section ~ .sheet-section *)',
    );
    const count = Math.min(await openers.count(), 12);
    for (let at = 0; at < count; at++) {
      const opener = openers.nth(at);
      if (!(await opener.isEnabled())) continue;
      const held = (await opener.getAttribute('data-holds'))!.split('\n');
      await opener.click();
      const inside = page.locator('.ant-popover, .ant-dropdown').locator('visible=true').last();
      await expect(inside).toBeVisible();
      const opens = (await opener.getAttribute('aria-label')) ?? '';
      const names = (await namesIn(inside)).filter(
        (name) => !OF_ANOTHER.test(name) && !opens.startsWith(`${name}:`),
      );
      missing.push(
        ...names.filter((name) => !held.includes(name)).map((name) => `${path}: ${name}`),
      );
      opened += 1;
      await page.keyboard.press('Escape');
      await opener.press('Escape');
      if (await inside.isVisible()) await page.locator('h1, h2').first().click();
      await expect(inside).toBeHidden();
    }
  }
  expect(missing).toEqual([]);
  expect(opened).toBeGreaterThan(18);
});

test('a setting that is not open is found by its words, and gets the focus where it stands', async ({
  page,
}) => {
  await page.goto(`${await tunePath(page, 'Half Past the Tide')}/voice`);
  await expect(page.locator('.alternative').first()).toBeVisible();
  for (const [words, role, name] of [
    ['voicings lowest', 'radio', 'Suits the room'],
    ['add colours', 'switch', 'Add colours'],
    ['loudness bass', 'slider', 'Loudness: Bass'],
    ['faster each', 'spinbutton', 'Faster each time, in beats a minute'],
  ] as const) {
    await find(page, words);
    await expect(page.getByRole('option', { selected: true })).toBeInViewport();
    await page.keyboard.press('Enter');
    await expect(page.getByRole(role, { name, exact: true })).toBeFocused();
    await page.keyboard.press('Escape');
  }
});

/** What the palette finds on the page, whatever is asked for. */
async function found(page: Page): Promise<ReadonlySet<string>> {
  await page.keyboard.press('Control+k');
  const list = page.getByRole('listbox', { name: 'Found' });
  const told = new Set<string>();
  // Every name has one of them.
  for (const letter of 'aeiou') {
    await page.getByRole('combobox', { name: 'Find anything' }).fill(letter);
    await expect(list.getByText('On this page')).toBeVisible();
    const labels = await list.getByRole('option').locator('span').allTextContents();
    for (const label of labels) told.add(label);
  }
  await page.keyboard.press('Escape');
  await expect(list).toBeHidden();
  return told;
}

/** Names of the buttons that a screen shows and that can be pressed. */
const buttonsOn = (page: Page): Promise<string[]> =>
  page
    .locator('main, footer')
    .evaluateAll((parts) =>
      parts.flatMap((part) =>
        [...part.querySelectorAll('button[aria-label]:enabled')]
          .filter((button) => button.checkVisibility())
          .map((button) => button.getAttribute('aria-label')!),
      ),
    );

test('what fits best is seen and chosen, however long the list was before', async ({ page }) => {
  await page.goto(`${await tunePath(page, 'Half Past the Tide')}/voice`);
  await expect(page.locator('.alternative').first()).toBeVisible();
  await page.keyboard.press('Control+k');
  const finder = page.getByRole('combobox', { name: 'Find anything' });
  await finder.pressSequentially('t');
  await page.getByRole('option').last().scrollIntoViewIfNeeded();
  await finder.pressSequentially('ranspose');
  const chosen = page.getByRole('option', { selected: true });
  await expect(chosen).toHaveText('Transpose the tune up a half step');
  await expect(chosen).toBeInViewport();
});

test('everything a screen shows to be pressed is in the palette', async ({ page }) => {
  let seen = 0;
  for (const screen of await everyScreen(page)) {
    const [path] = screen;
    await goTo(page, screen);
    // Something may still have come while the palette was looked through.
    await expect(async () => {
      const told = await found(page);
      const names = await buttonsOn(page);
      expect([path, names.filter((name) => !told.has(name))]).toEqual([path, []]);
      seen += names.length;
    }).toPass();
  }
  expect(seen).toBeGreaterThan(100);
});
