import { readFile } from 'node:fs/promises';
import { readMidi } from '@drop-close/core';
import type { Page } from '@playwright/test';
import { Desk, expect, test } from './desk';

const TUNE = '| Dm7 | G7 | Cmaj7 | % |';

/**
 * The comping of the first bar as the MIDI file holds it: what sounds at each onset, from the bottom, with how
 * long.
 */
async function firstBar(page: Page) {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'MIDI file' }).click(),
  ]);
  const reading = readMidi(await readFile(await download.path()));
  if (!reading.ok) throw new Error(reading.problem);
  const { notes } = reading.value.song.tracks.find(({ name }) => name === 'Comp')!;
  const own = notes.filter(({ at }) => at < 4 * 480);
  const onsets = [...new Set(own.map(({ at }) => at))].sort((a, b) => a - b);
  return onsets.map((at) => own.filter((note) => note.at === at).sort((a, b) => a.midi - b.midi));
}

/** How high the heads of one column of the threads stand, from the top of the picture. */
const headsAt = (page: Page, column: number): Promise<number[]> =>
  page.evaluate((index) => {
    const heads = [...document.querySelectorAll<SVGCircleElement>('.system .head')];
    const columns = [...new Set(heads.map((head) => head.cx.baseVal.value))].sort((a, b) => a - b);
    return heads
      .filter((head) => head.cx.baseVal.value === columns[index])
      .map((head) => head.cy.baseVal.value)
      .sort((a, b) => a - b);
  }, column);

async function moving(page: Page, text = TUNE): Promise<Desk> {
  const desk = new Desk(page);
  await desk.newTune(text);
  await desk.screen('Comp');
  await page.getByRole('tab', { name: 'Movement' }).click();
  return desk;
}

const device = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

test('rising through the key is seen to rise and rises in every voice', async ({ page }) => {
  await moving(page);
  await device(page, 'Step through the key')
    .getByRole('button', { name: 'rising', exact: true })
    .click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.locator('.lane-device')).toContainText('rising');
  await expect.poll(async () => (await headsAt(page, 2)).length).toBeGreaterThan(2);
  const [first, second, third] = await Promise.all([0, 1, 2].map((at) => headsAt(page, at)));
  first!.forEach((y, voice) => {
    expect(second![voice]).toBeLessThan(y);
    expect(third![voice]).toBeLessThan(second![voice]!);
  });
  const struck = await firstBar(page);
  expect(struck.length).toBeGreaterThanOrEqual(3);
  struck.slice(1).forEach((chord, at) => {
    chord.forEach(({ midi }, voice) => {
      expect(midi).toBeGreaterThan(struck[at]![voice]!.midi);
    });
  });
});

test('the 3 is held in the voice the player chooses, struck once, while the rest moves and comes back', async ({
  page,
}) => {
  await moving(page);
  const holding = device(page, 'Hold one note and move the rest');
  const choose = async (name: string, value: string): Promise<void> => {
    await holding.getByLabel(name).click();
    await page.getByTitle(value, { exact: true }).click();
  };
  await choose('Moving', 'all but the ♭3');
  await choose('Held in', 'the top voice');
  await choose('Going', 'down');
  await expect(page.getByLabel('What is tried')).toContainText(
    'the ♭3 in the top voice, down a step',
  );
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.locator('.lane-device')).toContainText('the ♭3 in the top voice');
  const struck = await firstBar(page);
  const third = struck[0]!.at(-1)!;
  expect(third.midi % 12).toBe(5);
  expect(third.length).toBeGreaterThan(3.5 * 480);
  const others = struck.slice(1).map((chord) => chord.map(({ midi }) => midi));
  expect(others.length).toBeGreaterThanOrEqual(2);
  for (const chord of others) {
    expect(chord).not.toContain(third.midi);
    expect(chord.every((midi) => midi < third.midi)).toBe(true);
  }
});

test('a drone is struck once and kept on top with a bass in the room', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Cmaj7 | Am7 | Dm7 | G7 |');
  await desk.screen('Voice');
  await desk.room('With bass');
  await desk.screen('Comp');
  await page.getByRole('tab', { name: 'Movement' }).click();
  await device(page, 'Hold one note on top').getByRole('button').first().click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.locator('.lane-device').first()).toBeVisible();
  const tops = await Promise.all([0, 1, 2].map(async (at) => (await headsAt(page, at))[0]));
  expect(tops).toEqual([tops[0], tops[0], tops[0]]);
  const held = (await firstBar(page))[0]!.at(-1)!;
  expect(held.length).toBeGreaterThan(2 * 4 * 480);
});

test('an approach is carried over the section, and a whole ii–V–I recast, each undone in one step', async ({
  page,
}) => {
  await moving(page, '[A]\n| Dm7 | G7 | Cmaj7 | Am7 |');
  await device(page, 'Approach the next chord')
    .getByRole('button', { name: 'from below', exact: true })
    .click();
  await page.getByRole('button', { name: 'In the section' }).click();
  await expect(page.locator('.lane-device')).toHaveCount(4);
  await page.keyboard.press('z');
  await expect(page.locator('.lane-device')).toHaveCount(0);
  await device(page, 'Recast the ii–V')
    .getByRole('button', { name: 'as in minor, with its I' })
    .click();
  await page.getByRole('button', { name: 'Apply' }).click();
  const names = page.locator('.chord-button');
  await expect(names.nth(0)).toHaveAccessibleName(/^Dm7♭5|^Dm7b5/);
  await expect(names.nth(2)).toHaveAccessibleName(/^Cm7/);
  await page.keyboard.press('z');
  await expect(names.nth(2)).toHaveAccessibleName(/^Cmaj7/);
});
