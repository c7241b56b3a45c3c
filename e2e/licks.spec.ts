import type { Page } from '@playwright/test';
import { Desk, expect, test } from './desk';

const BLUES = `[Blues]\n| ${'Bb7 | Eb7 | Bb7 | Bb7 | '.repeat(3)}`;

async function bank(page: Page, text = BLUES): Promise<Desk> {
  const desk = new Desk(page);
  await desk.newTune(text);
  await desk.screen('Comp');
  await page.getByRole('tab', { name: 'Licks' }).click();
  return desk;
}

async function write(page: Page, lick: Readonly<Record<string, string>>): Promise<void> {
  await page.getByRole('button', { name: 'Write a lick…' }).click();
  const form = page.getByRole('region', { name: 'A lick' });
  for (const [field, value] of Object.entries(lick)) await form.getByLabel(field).fill(value);
  await form.getByRole('button', { name: 'Keep it' }).click();
  await expect(rowOf(page, lick['Name']!)).toHaveCount(1);
}

const rowOf = (page: Page, name: string) => page.getByRole('listitem').filter({ hasText: name });
const hits = (page: Page) => page.locator('.hit');
const lay = (page: Page) =>
  page.getByRole('button', { name: 'Place licks, with chords in the gaps' }).click();

test('a lick is written, laid over a blues with answers, played, edited and undone', async ({
  page,
}) => {
  const desk = await bank(page);
  const name = `Call ${Date.now()}`;
  await write(page, {
    Name: name,
    'Key, its root': 'Bb',
    Notes: 'r F4 Ab4 Bb4 rq Bb4 Ab4 F4q.',
    'Its answer': '..xo----|o-------',
  });
  await expect(rowOf(page, name)).toContainText('B♭, 6 notes, 2 bars, with its own answer');
  await rowOf(page, name).getByRole('button', { name: /^Hear/ }).click();
  await lay(page);
  const laid = page.getByRole('list', { name: 'Placed licks' });
  await expect(laid.getByRole('listitem').first()).toContainText('Bars 1–2');
  await expect(hits(page).first()).toBeVisible();
  await expect(page.locator('.lane-note').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await expect(page.getByRole('switch', { name: /one pair of hands/ })).toBeChecked();

  await page.getByRole('button', { name: 'Play the chorus' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();

  const before = await hits(page).count();
  await hits(page).first().click();
  await page.keyboard.press('Delete');
  await expect(hits(page)).toHaveCount(before - 1);
  await page.keyboard.press('z');
  await expect(hits(page)).toHaveCount(before);
  await page.keyboard.press('z');
  await expect(hits(page)).toHaveCount(0);
  await expect(page.locator('.lane-note')).toHaveCount(0);
  await page.keyboard.press('Shift+Z');
  await expect(hits(page)).toHaveCount(before);
  await desk.saved();
  await page.reload();
  await expect(hits(page)).toHaveCount(before);

  await page.getByRole('tab', { name: 'Licks' }).click();
  await rowOf(page, name).getByRole('button', { name: /^Edit/ }).click();
  await page.getByLabel('Notes').fill('F4 Ab4 Bb4h');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(rowOf(page, name)).toContainText('3 notes, 1 bar');
  await rowOf(page, name)
    .getByRole('button', { name: /^Throw away/ })
    .click();
  await expect(rowOf(page, name)).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(rowOf(page, name)).toHaveCount(1);
  await rowOf(page, name)
    .getByRole('button', { name: /^Throw away/ })
    .click();
});

test('a phrase of a solo line is taken into the bank, and what cannot be laid says why', async ({
  page,
}) => {
  await bank(page, '| Bb7 | Eb7 |');
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await page.getByRole('button', { name: 'Make a line' }).click();
  await expect(page.locator('.lane-note').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Licks' }).click();
  await page.getByRole('button', { name: /^Use the phrase in bar 1/ }).click();
  const form = page.getByRole('region', { name: 'A lick' });
  await expect(form.getByLabel('Notes')).not.toHaveValue('');
  await expect(form).toContainText('Give it a name.');
  await expect(form.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await form.getByLabel('Notes').fill('C4 H4');
  await expect(form).toContainText('“H4”, number 2: a note is a letter with its octave');
  await form.getByLabel('Notes').fill('C4w D4w E4w');
  const name = `Long ${Date.now()}`;
  await form.getByLabel('Name').fill(name);
  await form.getByRole('button', { name: 'Keep it' }).click();
  await expect(rowOf(page, name)).toHaveCount(1);
  await lay(page);
  await expect(
    page.getByText(`“${name}” takes 4 bars with its answer, the chorus has 2.`),
  ).toBeVisible();
  await rowOf(page, name)
    .getByRole('button', { name: /^Throw away/ })
    .click();
});
