import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { inLight, standsUp } from './axe';
import { Desk, expect, test } from './desk';

async function openTracks(page: Page, title: string): Promise<void> {
  const desk = new Desk(page);
  await desk.openTune(title);
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  await page.locator('.takeaway-sides').getByText('Practice tracks').click();
  await expect(page.getByRole('button', { name: 'Make the track' })).toBeEnabled();
}
const tracks = (page: Page) => page.getByRole('list', { name: 'Tracks' }).getByRole('listitem');

test('a track is made, cancelled, made again, played and saved', async ({ page }) => {
  await openTracks(page, 'Engine Room Drag');
  // A long one, to be cancelled.
  await page.getByRole('button', { name: 'All keys by fourths' }).click();
  await page.getByRole('spinbutton', { name: 'Times in each key' }).fill('2');
  await page.getByRole('button', { name: 'Make the track' }).click();
  await expect(tracks(page).first()).toContainText('Bass and drums, in all keys, twice in each');
  await tracks(page).first().getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('in all keys, twice in each')).toBeHidden();

  await page.getByRole('button', { name: 'This key alone' }).click();
  await page.getByRole('spinbutton', { name: 'Times in each key' }).fill('1');
  await page.getByRole('spinbutton', { name: 'Tempo of the track' }).fill('200');
  await page.getByRole('checkbox', { name: 'Comp' }).check();
  await page.getByRole('button', { name: 'Make the track' }).click();
  const made = tracks(page).first();
  await expect(made).toContainText('Comp, bass and drums');
  const player = made.locator('audio');
  await expect(player).toBeVisible({ timeout: 120_000 });
  await player.evaluate(async (audio: HTMLAudioElement) => audio.play());
  await expect
    .poll(() => player.evaluate((audio: HTMLAudioElement) => audio.currentTime))
    .toBeGreaterThan(0.3);
  const length = await player.evaluate((audio: HTMLAudioElement) => audio.duration);
  await player.evaluate((audio: HTMLAudioElement) => {
    audio.currentTime = audio.duration - 3;
  });
  await expect
    .poll(() => player.evaluate((audio: HTMLAudioElement) => audio.currentTime))
    .toBeGreaterThan(length - 3);

  const download = page.waitForEvent('download');
  await made.getByRole('link', { name: /^Save .* as Ogg$/ }).click();
  const file = await (await download).path();
  const probe = ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', file];
  const seconds = Number(execFileSync('ffprobe', probe).toString());
  expect(Math.abs(seconds - length)).toBeLessThan(0.2);
  await made.getByRole('button', { name: /^Throw the track/ }).click();
  await expect(player).toBeHidden();
});

test('a track that would be too long, or of nobody, says so before it is asked for', async ({
  page,
}) => {
  await openTracks(page, 'Engine Room Drag');
  await page.getByRole('button', { name: 'All keys by fourths' }).click();
  await page.getByRole('spinbutton', { name: 'Times in each key' }).fill('20');
  await expect(page.getByText(/would be \d+ minutes long/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make the track' })).toBeDisabled();
  for (const part of ['Bass', 'Drums']) await page.getByRole('checkbox', { name: part }).uncheck();
  await expect(page.getByText('Somebody has to be heard: choose who.')).toBeVisible();
});

for (const light of ['house', 'stage'] as const) {
  test(`making tracks stands up to the accessibility rules in ${light} light`, async ({ page }) => {
    await inLight(page, light);
    await openTracks(page, 'Bilge Lamp Blues');
    await page.getByRole('button', { name: 'Make the track' }).click();
    await expect(tracks(page).first().locator('audio')).toBeVisible({ timeout: 60_000 });
    await standsUp(page, light);
    await tracks(page)
      .first()
      .getByRole('button', { name: /^Throw the track/ })
      .click();
  });
}
