import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { Desk, expect, saved, test } from './desk';

/** Saves a picture, which is whole in itself: well-formed, and without colours or faces of the page. */
async function savesWhole(page: Page, title: string): Promise<string> {
  const { name, file } = await saved(page, `Save as a picture: ${title}`);
  expect(name).toBe(`${title}.svg`);
  execFileSync('xmllint', ['--noout', file]);
  const svg = readFileSync(file, 'utf8');
  expect(svg).toContain('<svg xmlns="http://www.w3.org/2000/svg"');
  expect(svg).not.toContain('var(');
  expect(svg).not.toMatch(/NaN|undefined/);
  return svg;
}

test('the range of each voice and where the hand lies are pictures, and saved as files', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.openTune('Half Past the Tide');
  await page.keyboard.press('g');
  await expect(
    page.getByRole('img', { name: /^Top voice from .*; Lowest voice from/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^The fretting hand from fret \d+ to/ }),
  ).toBeVisible();
  const ranges = await savesWhole(page, 'The range of each voice');
  expect(ranges).toContain('Top');
  const hand = await savesWhole(page, 'Where the hand lies');
  expect(hand.match(/<rect/g)!.length).toBeGreaterThan(40);
});

test('the solo and the hits are one picture over the chorus', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openTune('Half Past the Tide');
  await desk.screen('Comp');
  await page.getByRole('combobox', { name: 'Who solos' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'Running' }).click();
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  const picture = page.getByRole('img', { name: /^\d+ phrases of the soloist and \d+ hits$/ });
  await expect(picture).toBeVisible();
  const svg = await savesWhole(page, 'The solo and the hits');
  const said = /"(\d+) phrases of the soloist and (\d+) hits"/.exec(svg);
  expect(Number(said?.[2])).toBeGreaterThan(20);
  // The ground, every phrase and every hit.
  expect(svg.match(/<rect/g)).toHaveLength(1 + Number(said?.[1]) + Number(said?.[2]));
});

test('how busy the comp is over all choruses is a picture, one column a bar', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openTune('Half Past the Tide');
  await desk.screen('Comp');
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  const picture = page.getByRole('img', { name: /^\d+ hits in \d+ bars of / });
  await expect(picture).toBeVisible();
  const svg = await savesWhole(page, 'How busy the comp is');
  const said = /"(\d+) hits in (\d+) bars of/.exec(svg);
  expect(Number(said?.[1])).toBeGreaterThan(10);
  // The ground, and of every bar a column and what sounds of it.
  expect(svg.match(/<rect/g)).toHaveLength(1 + 2 * Number(said?.[2]));
});
