import { inLight, standsUp } from './axe';
import { Desk, expect, SCREENS, test } from './desk';

for (const light of ['house', 'stage'] as const) {
  test(`every screen stands up to the accessibility rules in ${light} light`, async ({ page }) => {
    await inLight(page, light);
    const desk = new Desk(page);
    const check = (): Promise<void> => standsUp(page, light);
    await desk.openBook();
    await check();
    await page.getByRole('link', { name: /^Ferry, first set/ }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toBeVisible();
    await check();
    await desk.openTune('Half Past the Tide');
    await expect(page.locator('.alternative').first()).toBeVisible();
    await check();
    for (const tab of ['How made', 'Easier', 'On paper']) {
      await desk.panel.getByRole('tab', { name: tab }).click();
    }
    await page.keyboard.press('r');
    await page.keyboard.press('p');
    await expect(page.getByRole('region', { name: 'Enter a voicing' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'The room' })).toBeVisible();
    await expect(desk.panel.locator('.staff svg')).toBeVisible();
    await check();
    await page.keyboard.press('f');
    await expect(page.locator('.browser-grip').first()).toBeVisible();
    await check();
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Hands and instrument' }).click();
    await expect(page.getByRole('region', { name: 'Guitar' })).toBeVisible();
    await check();
    const setUp = page.getByRole('radiogroup', { name: 'Instrument to set up' });
    await setUp.getByText('Keyboard').click();
    await expect(page.getByRole('region', { name: 'Keyboard' })).toBeVisible();
    await check();
    await page.goBack();
    await desk.screen('Chart');
    await expect(desk.panel.locator('.staff svg')).toBeVisible();
    await check();
    for (const [side, shown] of [
      ['Map', '.in-words'],
      ['Landmarks', '.held-lines li'],
      ['Melody', '.melody-note'],
    ] as const) {
      await page.locator('.chart-sides .ant-segmented-item', { hasText: side }).click();
      await expect(page.locator(shown).first()).toBeVisible();
      await check();
    }
    await page.locator('.chart-sides .ant-segmented-item', { hasText: 'Scales' }).click();
    await page.getByRole('button', { name: 'Keep it in A1' }).click();
    await expect(page.locator('.scale-staff svg').first()).toBeVisible();
    await check();
    await desk.screen('Comp');
    await page.getByRole('combobox', { name: 'Who solos' }).click();
    await page.locator('.ant-select-item-option', { hasText: 'Running' }).click();
    await page.getByRole('button', { name: 'Comp for this solo' }).click();
    await expect(page.locator('.hit').first()).toBeVisible();
    await page.locator('.hit').first().click();
    await page.keyboard.press('u');
    await expect(page.getByRole('group', { name: 'The arc of all choruses' })).toBeVisible();
    await check();
    for (const tab of ['Movement', 'Licks', 'Soloist']) {
      await page.getByRole('tab', { name: tab }).click();
      await check();
    }
    await page.getByRole('tab', { name: 'Licks' }).click();
    await page.getByRole('button', { name: 'Write a lick…' }).click();
    await check();
    await page.getByRole('link', { name: 'On the stand' }).click();
    await expect(page.getByRole('region', { name: 'now' })).toBeVisible();
    await check();
    await page.goBack();
    await desk.screen('Chart');
    await expect(desk.panel.locator('.staff svg')).toBeVisible();
    // The lists are of the same colours in both lights.
    for (const side of light === 'house' ? ['Map', 'Landmarks', 'Notes'] : []) {
      await page.locator('.ant-segmented-item', { hasText: side }).click();
      await check();
    }
  });
}

test('a key says on every screen what it is for and which keys work there', async ({ page }) => {
  const tunes = (await (await page.request.get('/api/tunes')).json()) as { id: string }[];
  const tune = `/tune/${tunes[0]!.id}`;
  const rows = new Map<string, number>();
  for (const [path, title] of [
    ['/book', 'The book'],
    [`${tune}/chart`, 'Chart'],
    [`${tune}/voice`, 'Voice'],
    [`${tune}/comp`, 'Comp'],
    [`${tune}/practise`, 'Practise this tune'],
    [`${tune}/take-away`, 'Take away'],
    [`${tune}/stand`, 'The stand'],
    ['/practise', 'Practise'],
    ['/practise/holes', 'Map of holes'],
    ['/player', 'Hands and instrument'],
    ['/bring-in', 'Bring in'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    const sign = title in SCREENS ? SCREENS[title as keyof typeof SCREENS] : 'main';
    await expect(page.locator(sign).first()).toBeVisible();
    await page.getByRole('button', { name: 'About this screen, and its keys' }).focus();
    await page.keyboard.press('Shift+?');
    const sheet = page.getByRole('dialog', { name: title, exact: true });
    await expect(sheet.getByRole('paragraph').first()).toContainText(/\w+ \w+ \w+/);
    rows.set(title, await sheet.getByRole('row').count());
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
  }
  // The keys of a screen are shown where they act: hits on Comp, writing on the Chart.
  expect(rows.get('The book')).toBe(1);
  expect(rows.get('Comp')).toBeGreaterThanOrEqual(28);
  expect(rows.get('Voice')).toBeGreaterThan(rows.get('Take away')!);
  expect(rows.get('Chart')).toBeGreaterThan(rows.get('Take away')!);
});

test('keys of voicing change nothing where no voicing is in hand', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.saved();
  const tune = new URL(page.url()).pathname.replace(/\/chart$/, '');
  for (const [screen, sign] of [
    ['stand', '.phrase-symbol'],
    ['take-away', '.sheet-system svg'],
    ['practise', '.line-chord'],
    ['chart', '.slot'],
    ['comp', '.lane'],
  ] as const) {
    await page.goto(`${tune}/${screen}`);
    await expect(page.locator(sign).first()).toBeVisible();
    for (const key of ['ArrowDown', 'ArrowUp', 'l', 'd']) await page.keyboard.press(key);
    await page.keyboard.press('Shift+?');
    const sheet = page.getByRole('dialog');
    await expect(sheet.getByText('Next chord')).toBeVisible();
    await expect(sheet.getByText('Lock or unlock this voicing')).toHaveCount(0);
    await expect(sheet.getByText('Threads: nearer')).toHaveCount(screen === 'comp' ? 1 : 0);
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  }
});

test('what stands open on Voice and Comp is found by its words from any screen of the tune', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.openTune('Rope and Ring');
  await desk.screen('Chart');
  const find = async (words: string): Promise<void> => {
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find anything' }).fill(words);
    await expect(page.getByRole('option', { selected: true })).toContainText(words);
    await page.keyboard.press('Enter');
  };
  await find('chorus in figures');
  await expect(page).toHaveURL(/\/voice/);
  await expect(page.getByRole('img', { name: /^Top voice from/ })).toBeVisible();
  await find('plan of the choruses');
  await expect(page).toHaveURL(/\/comp/);
  await expect(page.getByRole('group', { name: 'The arc of all choruses' })).toBeVisible();
});

test('a term says what it means where it has the focus', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openTune('Rope and Ring');
  await desk.screen('Chart');
  await desk.panel.getByText('Note pools').focus();
  await expect(page.getByRole('tooltip')).toContainText('Notes to choose from over a chord');
  await page.keyboard.press('Escape');
});

test('a chord can be reached and chosen without a pointer', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openTune('Rope and Ring');
  await desk.chords.nth(2).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
});

test('a tablet on the stand shows the chorus and the chord in hand', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  const desk = new Desk(page);
  await desk.openTune('Brass Rail, Evening');
  await expect(desk.panel).toBeVisible();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBe(0);
});
