import { Desk, expect, test } from './desk';

test('four rootless voices are asked for on keys, with a bass', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.screen('Voice');
  await desk.room('With bass');
  await desk.instrument('Keyboard');
  // A keyboard starts so with a bass.
  await expect(page.getByRole('button', { name: 'Voicings: rootless, 4 voices' })).toBeVisible();
  await expect(desk.chords.nth(0)).toHaveAccessibleName(
    /^Dm7, .*, (F A C E|C E F A|F B C E|C E F B)$/,
  );
  await expect(desk.chords.nth(1)).toHaveAccessibleName(
    /^G7, .*, [A-G♭♯]+ [A-G♭♯]+ [A-G♭♯]+ [A-G♭♯]+$/,
  );
  await desk.voicings(async () => {
    await page.getByRole('radiogroup', { name: 'Number of voices' }).getByText('3').click();
  });
  await expect(page.getByRole('button', { name: 'Voicings: rootless, 3 voices' })).toBeVisible();
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^G7, .*, [A-G♭♯]+ [A-G♭♯]+ [A-G♭♯]+$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Voicings: rootless, 4 voices' })).toBeVisible();
  await desk.saved();
});

test('shells are asked for on strings 6-4-3 and 5-4-3, and what cannot be is said', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| A7 | D7 | A7 | E7 |');
  await desk.screen('Voice');
  await desk.family('shell');
  const strings = page.getByRole('combobox', { name: 'Strings' });
  await desk.voicings(async () => {
    await strings.click();
    for (const set of ['6-4-3', '5-4-3']) {
      await page.locator('.ant-select-dropdown:visible').getByTitle(set, { exact: true }).click();
    }
    await strings.press('Escape');
  });
  await expect(
    page.getByRole('button', { name: 'Voicings: shell, on 6-4-3, 5-4-3' }),
  ).toBeVisible();
  await expect(desk.chords.nth(0)).toHaveAccessibleName(/^A7, .*, A (G C♯|C♯ G)$/);
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^D7, .*, D (F♯ C|C F♯)$/);
  await desk.saved();
  await page.reload();
  await expect(
    page.getByRole('button', { name: 'Voicings: shell, on 6-4-3, 5-4-3' }),
  ).toBeVisible();

  await desk.voicings(async () => {
    await page.getByRole('radiogroup', { name: 'Number of voices' }).getByText('4').click();
  });
  await expect(page.getByRole('alert')).toContainText('no form of shell has 4 voices here');
});

test('a dominant is altered by a scale opened over it, and E♭ is put on top', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Gm7 | C7 | Fmaj7 | F6 |');
  await desk.screen('Voice');
  await desk.family('free colours');
  await desk.chords.nth(1).click();
  await page.getByRole('tab', { name: 'Top line' }).click();
  const staff = page.getByRole('listbox', { name: 'The note on top' });
  await expect(staff.getByRole('option', { name: /^D♯|^E♭/ })).toHaveCount(0);
  await desk.option('Scale opened over this chord', 'altered');
  await staff
    .getByRole('option', { name: /^(D♯|E♭)/ })
    .nth(1)
    .click();
  await expect(desk.panel.getByText(/is on top, as you wanted/)).toBeVisible();
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^C7, .* (D♯|E♭)$/);
  // The chart says what it said.
  await desk.screen('Chart');
  await desk.reads('| Gm7 | C7 | Fmaj7 | F6 |');
  await desk.screen('Voice');
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^C7, .* (D♯|E♭)$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(desk.chords.nth(1)).not.toHaveAccessibleName(/ (D♯|E♭)$/);
});

test('a taste is learned from ten choices, told in words and figures, and taken', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.withoutTaste();
  await desk.newTune('| Dm7 G7 | Cmaj7 A7 | Dm7 G7 | Em7 A7 | Fmaj7 Fm6 | Em7 A7 |');
  await desk.screen('Voice');
  await page.getByRole('button', { name: /^Taste:/ }).click();
  const mine = page.getByRole('region', { name: 'Learned from your choices' });
  await expect(mine).toContainText('8 at least');
  for (let at = 0; at < 10; at += 1) {
    await desk.chords.nth(at).click();
    await page.locator('.alternative').nth(2).click();
    await expect(desk.chords.nth(at)).toHaveAccessibleName(/locked/);
  }
  const take = mine.getByRole('button', { name: 'My taste' });
  await expect(take).toBeVisible();
  await expect(mine.getByRole('status')).toContainText('10 choices');
  await expect(mine.getByText(/^\d+ of 10$/)).toHaveCount(2);
  await take.click();
  await expect(take).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: 'Taste: your own' })).toBeVisible();
  await desk.saved();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Taste: your own' })).toBeVisible();
  await page.getByRole('button', { name: /^Taste:/ }).click();
  await expect(mine).toContainText('10 choices');
  await mine.getByRole('button', { name: 'Forget' }).click();
  await expect(mine).toContainText('8 at least');
  await page.getByRole('button', { name: 'Put them back' }).click();
  await expect(mine).toContainText('10 choices');
  await mine.getByRole('button', { name: 'Forget' }).click();
  await expect(mine).toContainText('8 at least');
});

test('a voicing is turned down until one is right, and that is one choice', async ({ page }) => {
  const desk = new Desk(page);
  await desk.withoutTaste();
  await desk.newTune('| Dm7 G7 | Cmaj7 A7 | Dm7 G7 | Em7 A7 | Fmaj7 Fm6 | Em7 A7 |');
  await desk.screen('Voice');
  await page.getByRole('button', { name: /^Taste:/ }).click();
  const mine = page.getByRole('region', { name: 'Learned from your choices' });
  await desk.chords.nth(1).click();
  const grip = desk.panel.locator('.panel-grip');
  const seen = new Set([await grip.innerHTML()]);
  for (let turn = 1; turn <= 3; turn += 1) {
    await page.getByRole('button', { name: 'Not this one' }).click();
    await expect.poll(async () => seen.add(await grip.innerHTML()).size).toBe(turn + 1);
  }
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/locked/);
  for (let at = 2; at < 9; at += 1) {
    await desk.chords.nth(at).click();
    await page.keyboard.press('x');
    await expect(desk.chords.nth(at)).toHaveAccessibleName(/locked/);
  }
  await expect(mine.getByRole('status')).toContainText('8 choices');
  await mine.getByRole('button', { name: 'Forget' }).click();
});

test('a chord is opened to a note pool of its panel', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | % |');
  await desk.screen('Voice');
  await desk.chords.nth(1).click();
  const scale = page.getByRole('combobox', { name: 'Scale opened over this chord' });
  await scale.click();
  await page.getByTitle(/D minor sixth-diminished, read as Dm6/).click();
  await expect(page.getByText('Scale: D minor sixth-diminished')).toBeVisible();
  await desk.saved();
  await page.reload();
  await desk.chords.nth(1).click();
  await expect(page.getByText('Scale: D minor sixth-diminished')).toBeVisible();
});
