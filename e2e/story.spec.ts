import { families } from '@drop-close/core';
import { Desk, expect, test } from './desk';

test('a chart goes in, a connected audible chorus comes out, and it is there tomorrow', async ({
  page,
  context,
}) => {
  const desk = new Desk(page);
  await test.step('the book shows the demo tunes', async () => {
    await desk.openBook();
    await expect(page.getByRole('link', { name: 'Bilge Lamp Blues' })).toBeVisible();
    expect(await page.locator('.book-table tbody tr').count()).toBeGreaterThanOrEqual(12);
  });

  await test.step('a tune opens voiced, and its changes can be typed', async () => {
    await page.getByRole('link', { name: 'Ebb at Nine', exact: true }).click();
    await expect(desk.chords).toHaveCount(16);
    await desk.screen('Chart');
    const text = await desk.text();
    await desk.changes.fill(text.replace('Ab7 G7#5', 'Ab7#11 G7alt'));
    await expect(page.locator('.sheet').getByText('A♭7♯11')).toBeVisible();
    await desk.screen('Voice');
    await expect(desk.chords.last()).toHaveAccessibleName(/^G7alt, bar 12 beat 3/);
  });

  await test.step('instrument and family are chosen, and the chorus follows', async () => {
    await desk.instrument('Keyboard');
    await expect(page.locator('.keys').first()).toBeVisible();
    await desk.family('shell');
    await expect(page.locator('.panel-name')).toContainText('shell, root position');
    await desk.instrument('Guitar');
    await desk.family('drop 2');
    await expect(page.locator('.panel-name')).toContainText('drop 2');
    await expect(page.locator('.fret-box').first()).toBeVisible();
  });

  await test.step('keys walk through it', async () => {
    await desk.chords.first().click();
    await page.keyboard.press('ArrowRight');
    await expect(desk.selected).toHaveAccessibleName(/^Fm7, bar 2 beat 1/);
    await expect(page).toHaveURL(/bar=2&beat=1/);
    await page.keyboard.press('ArrowLeft');
    await expect(desk.selected).toHaveAccessibleName(/^Cm6, bar 1 beat 1/);
  });

  await test.step('a chord, a change and the chorus are heard', async () => {
    const button = page.getByRole('button', { name: 'Play the chorus' });
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
    await expect(button).toBeVisible();
    await page.keyboard.press('c');
    await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
    await expect(button).toBeVisible();
    await page.keyboard.press('Space');
    await expect(page.locator('.chord-button.sounding')).toHaveAccessibleName(/^Cm6, bar 1/);
    await expect(page.locator('.chord-button.sounding')).toHaveAccessibleName(/^Fm7, bar 2/);
    await page.keyboard.press('Space');
    await expect(button).toBeVisible();
  });

  let locked = '';
  await test.step('a voicing is swapped for an alternative and stays locked', async () => {
    const grip = page.locator('.panel-grip svg').first();
    const before = await grip.innerHTML();
    await expect(page.locator('.alternative.chosen b')).toHaveText('best');
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('.alternative.chosen b')).toHaveText(/^\+\d/);
    await expect(desk.selected).toHaveAccessibleName(/locked$/);
    locked = (await desk.selected.getAttribute('aria-label')) ?? '';
    expect(await grip.innerHTML()).not.toBe(before);
  });

  await test.step('undo takes it back, redo brings it again', async () => {
    await page.keyboard.press('z');
    await expect(desk.selected).not.toHaveAccessibleName(/locked$/);
    await page.keyboard.press('Shift+z');
    await expect(desk.selected).toHaveAccessibleName(locked);
  });

  await test.step('the browser closes; tomorrow everything is there', async () => {
    await desk.saved();
    const address = page.url();
    await page.close();
    const tomorrow = await context.newPage();
    await tomorrow.goto(address);
    const again = new Desk(tomorrow);
    await expect(again.selected).toHaveAccessibleName(locked);
    await expect(again.chords.last()).toHaveAccessibleName(/^G7alt/);
  });
});

test('every demo tune is in the book, and one is taken through every family, by turns on both instruments', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.openBook();
  await expect(page.getByRole('link', { name: 'Bilge Lamp Blues' })).toBeVisible();
  const titles = await page.locator('.book-table tbody th a:first-child').allTextContents();
  const demo = titles.filter((title) => DEMO.includes(title));
  expect(demo.sort()).toEqual(DEMO);
  // All of them are voiced in all families by the tests of the demo data.
  await desk.openTune('Six Ways Home');
  for (const [at, instrument] of ['Guitar', 'Keyboard'].entries()) {
    await desk.instrument(instrument);
    for (const { label } of offered(instrument).filter((_, index) => index % 2 === at)) {
      await desk.family(label);
      await expect(page.locator('.panel-name')).toContainText(label);
      const unvoiced = page.locator('.chord-button:not(:has(svg.fret-box, svg.keys))');
      await expect(unvoiced).toHaveCount(0);
      await expect(page.getByRole('alert')).toHaveCount(0);
    }
  }
  await desk.saved();
});

const offered = (instrument: string) =>
  families.filter(({ only }) => only !== 'keys' || instrument === 'Keyboard');

const DEMO = [
  'Bilge Lamp Blues',
  'Brass Rail, Evening',
  'Copper Kettle',
  'Ebb at Nine',
  'Engine Room Drag',
  'Fog Signal',
  'Half Past the Tide',
  'Loose Gangway',
  'Rope and Ring',
  'Six Ways Home',
  'The Second Lantern',
  'Two Buoys',
];

test('a pasted chart brings its own key, meter and tempo, repeats and endings', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune(
    'key: Ab\nmeter: 3/4\ntempo: 172\nfeel: waltz\n[A]\n|: Abmaj7 | Bbm7 |(1 Eb13 | Ab6/9 :|(2 Eb7alt | Abmaj7 |',
  );
  await expect(page.getByRole('combobox', { name: 'Meter' })).toBeDisabled();
  await expect(page.locator('.sheet-ending')).toHaveText(['1.', '2.']);
  await desk.screen('Voice');
  await expect(desk.chords).toHaveCount(8);
  await expect(desk.chords.nth(6)).toHaveAccessibleName(/^E♭7alt, bar 7/);
  await expect(page.locator('.tune-facts')).toHaveText('A♭ major, 3/4, waltz, 172');
  await page.keyboard.press('Space');
  await expect(page.locator('.chord-button.sounding')).toHaveAccessibleName(/^E♭13, bar 3 beat 1/);
  await page.keyboard.press('Space');
});

test('a tune taken out of the book is put back', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| C6 |');
  await page.getByRole('textbox', { name: 'Title' }).fill('Leaky Bucket');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await desk.saved();
  await desk.openBook();
  await page.getByRole('button', { name: 'What to do with “Leaky Bucket”' }).click();
  await page.getByRole('menuitem', { name: 'Throw away' }).click();
  await expect(page.getByRole('link', { name: 'Leaky Bucket' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name: 'Leaky Bucket' })).toBeVisible();
});
