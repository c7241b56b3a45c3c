import { inLight, standsUp } from './axe';
import { expect, test as base } from './desk';
import { endServer, SPARE_PORT, startEmpty } from './server';

/** A house in which nobody has been yet. */
const test = base.extend<{ readonly empty: string }>({
  empty: async ({ page }, use) => {
    const server = await startEmpty();
    await use(`http://127.0.0.1:${SPARE_PORT}`);
    await page.goto('about:blank');
    await endServer(server, 'SIGTERM');
  },
});

test('the first minute: eight bars of one’s own, voiced and heard, told, changed and comped, by visible labels alone', async ({
  page,
  empty,
}) => {
  let actions = 0;
  const act = async (action: () => Promise<unknown>): Promise<void> => {
    actions += 1;
    await action();
  };
  await act(() => page.goto(empty));
  await expect(page).toHaveURL(/\/welcome$/);
  await expect(page.getByRole('heading', { name: 'What shall we play?' })).toBeVisible();
  const begin = page.getByRole('button', { name: 'Voice it and play' });
  await expect(begin).toBeDisabled();
  await act(() => page.getByText('Keyboard', { exact: true }).click());
  await act(() => page.getByText('With bass', { exact: true }).click());
  const changes = 'Am7 | D7 | Gmaj7 | Cmaj7 | F#m7b5 | B7b9 | Em6 | E7b9';
  await act(() => page.getByRole('textbox', { name: 'The changes' }).fill(changes));
  await expect(page.getByText('8 bars, read.')).toBeVisible();
  await act(() => begin.click());
  // It is voiced on the instrument asked for, and sounds by itself.
  const chords = page.locator('.chord-button');
  await expect(chords).toHaveCount(8);
  await expect(page.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
  await expect(page.locator('.chord-button.sounding')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Instrument: keyboard/ })).toBeVisible();
  await act(() => page.getByRole('button', { name: 'Stop', exact: true }).click());
  // Why it is smooth.
  await act(() => chords.nth(1).click());
  const panel = page.getByRole('complementary', { name: 'The chord in hand' });
  await expect(panel).toContainText(/held|falls|rises/);
  // One thing changed.
  const before = await chords.nth(1).getAttribute('aria-label');
  await act(() => panel.getByRole('button', { name: 'Not this one' }).click());
  await expect(chords.nth(1)).not.toHaveAccessibleName(before!);
  // Comp along.
  await act(() => page.getByRole('link', { name: 'Comp', exact: true }).click());
  await act(() => page.getByRole('button', { name: 'Play the chorus' }).click());
  await expect(page.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
  expect(actions).toBeLessThan(25);
  // The second time the book opens at once.
  await page.goto(empty);
  await expect(page).toHaveURL(/\/book$/);
});

test('the first questions are skipped, and asked again from the help', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Skip, go to the book' }).click();
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  await page.goto('/');
  await expect(page).toHaveURL(/\/book$/);
  await page.getByRole('link', { name: 'Help', exact: true }).click();
  await page.getByRole('link', { name: 'The first questions again' }).click();
  await page.getByText('One from the book').click();
  await page.getByRole('combobox', { name: 'A tune from the book' }).fill('rope');
  await page.getByTitle('Rope and Ring').click();
  await page.getByText('Ukulele', { exact: true }).click();
  await page.getByRole('button', { name: 'Voice it and play' }).click();
  await expect(page.getByRole('heading', { name: 'Rope and Ring' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Instrument: ukulele/ })).toBeVisible();
});

test('changes that cannot be read are told before a tune is made of them', async ({ page }) => {
  await page.goto('/welcome');
  const changes = page.getByRole('textbox', { name: 'The changes' });
  const begin = page.getByRole('button', { name: 'Voice it and play' });
  await changes.fill('hello there');
  await expect(page.getByText('No chords were found yet.')).toBeVisible();
  await expect(begin).toBeDisabled();
  await changes.fill('Cm7 | Gm77 | F7');
  await expect(page.getByText(/^3 bars\. To correct later: Gm77/)).toBeVisible();
  await expect(begin).toBeEnabled();
});

test('the palette finds a tune, an action with its key, and a setting, by the words one has for them', async ({
  page,
}) => {
  await page.goto('/book');
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  await page.keyboard.press('Control+k');
  const finder = page.getByRole('dialog', { name: 'Find anything' });
  await expect(finder.getByRole('combobox')).toBeFocused();
  const taken = finder.getByRole('option', { selected: true });
  await page.keyboard.type('gangway');
  await expect(taken).toContainText('Loose Gangway');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Loose Gangway' })).toBeVisible();
  await expect(page.locator('.alternative').first()).toBeVisible();
  await page.getByRole('button', { name: 'Find anything' }).click();
  await expect(finder.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('lock');
  const lock = finder.getByRole('option', { name: /^Lock or unlock this voicing/ });
  await expect(lock).toContainText('L');
  const chord = page.locator('.chord-button').first();
  const before = await chord.getAttribute('aria-label');
  await lock.click();
  // Locked, or unlocked where an earlier run has locked it.
  await expect(chord).not.toHaveAccessibleName(before!);
  await page.keyboard.press('Control+k');
  await expect(finder.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('capo');
  await expect(taken).toContainText('capo');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/player#profile-instruments$/);
  await page.keyboard.press('Control+k');
  await expect(finder.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('dim');
  await expect(taken).toContainText('Stage light');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-light', 'stage');
  await page.keyboard.press('Control+k');
  await expect(finder.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('no such thing anywhere');
  await expect(finder).toContainText('Nothing is called that.');
  await page.keyboard.press('Escape');
  await expect(finder).toBeHidden();
});

test('the help tells five tasks with their pictures, and is searched', async ({ page }) => {
  await page.goto('/help');
  const tasks = page.locator('.help-task');
  await expect(tasks).toHaveCount(5);
  for (const task of await tasks.all()) await expect(task.getByRole('listitem')).toHaveCount(6);
  await expect
    .poll(() =>
      page.locator('.help-task img').evaluateAll((all) => {
        for (const each of all) each.scrollIntoView();
        return all.filter((each) => (each as HTMLImageElement).naturalWidth > 600).length;
      }),
    )
    .toBe(5);
  await page.getByRole('searchbox', { name: 'Search the help' }).fill('booklet');
  await expect(tasks).toHaveCount(1);
  await expect(tasks).toContainText('print it as one booklet');
});

for (const light of ['house', 'stage'] as const) {
  test(`the first questions, the help and the palette stand up to the accessibility rules in ${light} light`, async ({
    page,
  }) => {
    for (const [address, heading] of [
      ['/welcome', 'What shall we play?'],
      ['/help', 'Help'],
    ] as const) {
      await page.goto(address);
      await inLight(page, light);
      await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible();
      await standsUp(page, light);
    }
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('dialog', { name: 'Find anything' })).toBeVisible();
    await standsUp(page, light);
  });
}
