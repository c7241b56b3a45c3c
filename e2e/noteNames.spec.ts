import type { Page } from '@playwright/test';
import { Desk, expect, test, SCREENS } from './desk';

/**
 * Names of pitches and keys in letters: `G5`, `B♭3`, `F major`. A1 to C9 without a sign may be a section; a chord's
 * symbol is in letters whatever notes are called, and stands in an element or before its bar.
 */
const lettersOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const name =
      /(^|[\s(,])([D-G][♭♯]?[1-7]|[A-C][♭♯][1-7]|[A-G][♭♯]? (major|minor))(?=$|[\s.,;:)])/;
    const texts: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const around = walker.currentNode.parentElement;
      if (around && !around.closest('.symbol, style, script, [contenteditable]')) {
        texts.push(walker.currentNode.textContent ?? '');
      }
    }
    for (const each of document.querySelectorAll('[title], [aria-label], [aria-valuetext]')) {
      for (const attribute of ['title', 'aria-label', 'aria-valuetext']) {
        const text = each.getAttribute(attribute);
        if (text) texts.push(text.replace(/^.*(?=, bar \d+ beat)/, ''));
      }
    }
    const withoutSymbols = texts.map((text) => text.replace(/ between \S+ and [^\s,]+/, ''));
    return [...new Set(withoutSymbols.filter((text) => name.test(text)))];
  });

test('a player who says do ré mi reads it on every screen of a tune', async ({ page }) => {
  const desk = new Desk(page);
  await page.goto('/player');
  await page.getByRole('combobox', { name: 'Notes', exact: true }).click();
  await page.locator('.ant-select-item-option', { hasText: 'do ré mi' }).click();
  await desk.openTune('Half Past the Tide');
  for (const screen of ['Chart', 'Voice', 'Comp'] as const) {
    await desk.screen(screen);
    await expect(page.locator(`${SCREENS[screen]} .symbol`).first()).toBeVisible();
    expect([screen, await lettersOn(page)]).toEqual([screen, []]);
  }
  await desk.screen('Voice');
  for (const key of ['r', 'g', 'p']) await page.keyboard.press(key);
  await expect(
    page.getByRole('img', { name: /^Top voice from (do|ré|mi|fa|sol|la|si)/ }),
  ).toBeVisible();
  await desk.panel.getByRole('tab', { name: 'Top line' }).click();
  expect(await lettersOn(page)).toEqual([]);
});

/** A letter that is no chord and no section. */
const LETTER = /(?<![\w♭♯])[A-G][b#♭♯]?(?![\w♭♯Δ°ø(+–#])/;

test('a player who says do ré mi is asked and answers in it', async ({ page }) => {
  const desk = new Desk(page);
  await page.goto('/player');
  await page.getByRole('combobox', { name: 'Notes', exact: true }).click();
  await page.locator('.ant-select-item-option', { hasText: 'do ré mi' }).click();
  await desk.newTune('| Am7 | D7 | Gmaj7 | E7b9 |');
  await desk.saved();
  const tune = new URL(page.url()).pathname.replace(/\/chart$/, '/practise');
  for (const drill of [
    'name the degree',
    'spell the chord',
    'which voice was dropped',
    'from numbers',
    'nearest next grip',
  ]) {
    await page.goto(`${tune}?${new URLSearchParams({ do: 'drills', drill }).toString()}`);
    const question = page.getByRole('region', { name: 'Question' });
    await expect(question.locator('.drill-words')).toBeVisible();
    expect([drill, await question.locator('.drill-words').innerText()]).toEqual([
      drill,
      expect.not.stringMatching(LETTER),
    ]);
    const labels = await question
      .locator('[aria-label]')
      .evaluateAll((all) => all.map((each) => each.getAttribute('aria-label')!));
    expect(labels.filter((label) => LETTER.test(label))).toEqual([]);
  }
  await page.goto(
    `${tune}?${new URLSearchParams({ do: 'drills', drill: 'spell the chord' }).toString()}`,
  );
  await page.getByRole('textbox', { name: 'The notes, as do mi♭ sol' }).fill('ré fa♯ la do');
  await page.getByRole('button', { name: 'That is my answer' }).click();
  await expect(page.locator('.drill')).toContainText(/(do|ré|mi|fa|sol|la|si)[♭♯]? \(R\)/);
});
