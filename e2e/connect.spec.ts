import type { Locator, Page } from '@playwright/test';
import { Desk, expect, test } from './desk';

const TURN = '| Dm7 | G7 | Cmaj7 | A7 | Dm7 | G7 | Em7 | A7 |';

/** A tune of one's own, voiced on keys, where every grip is a sound of its own. */
async function onKeys(page: Page, text = TURN): Promise<Desk> {
  const desk = new Desk(page);
  await desk.newTune(text);
  await desk.screen('Voice');
  await desk.instrument('Keyboard');
  await expect(page.locator('.keys').first()).toBeVisible();
  return desk;
}

const namesOf = (chords: Locator): Promise<string[]> =>
  chords.evaluateAll((all) => all.map((chord) => chord.getAttribute('aria-label') ?? ''));

/** Where circles of a kind stand in the threads. */
const places = (page: Page, kind: string): Promise<string[]> =>
  page.locator(`circle.${kind}`).evaluateAll((circles) =>
    circles.map((circle) => {
      const system = circle.closest('.system')!;
      const at = [...system.parentElement!.children].indexOf(system);
      return `${at}: ${circle.getAttribute('cx')} ${circle.getAttribute('cy')}`;
    }),
  );

const undo = (page: Page): Promise<void> => page.keyboard.press('z');

test('a voicing is locked, the chorus is led to it, and undone it is as it was', async ({
  page,
}) => {
  const desk = await onKeys(page);
  const before = await namesOf(desk.chords);
  await desk.chords.nth(1).click();
  await expect(desk.panel.getByRole('heading', { level: 2 })).toHaveText(/G/);
  await page.locator('.alternative').last().click();
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^G7, bar 2 beat 1, .*locked$/);
  await expect.poll(async () => (await namesOf(desk.chords))[0]).not.toBe(before[0]);
  await undo(page);
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('the third alternative shows what it would change, and taken becomes just that', async ({
  page,
}) => {
  const desk = await onKeys(page);
  const before = await namesOf(desk.chords);
  await desk.chords.nth(1).click();
  const third = page.locator('.alternative').nth(2);
  await third.hover();
  await expect(page.getByText(/^Changes .*: .*[+−]\d/)).toBeVisible();
  await expect(page.locator('circle.ghost-head').first()).toBeAttached();
  const ghost = await places(page, 'ghost-head');
  expect(ghost.length).toBeGreaterThan(0);
  await third.click();
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/locked$/);
  await expect.poll(async () => (await namesOf(desk.chords))[1]).not.toBe(before[1]);
  const heads = await places(page, 'head');
  expect(heads).toEqual(expect.arrayContaining(ghost));
  await page.mouse.move(5, 5);
  await expect(page.locator('circle.ghost-head')).toHaveCount(0);
  await undo(page);
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('three top notes are set, from the staff, in the threads and by key, and are heard', async ({
  page,
}) => {
  const desk = await onKeys(page);
  const before = await namesOf(desk.chords);
  await page.getByRole('tab', { name: 'Top line' }).click();
  const staff = page.getByRole('listbox', { name: 'The note on top' });
  await staff.getByRole('option', { name: /^A/ }).nth(1).click();
  await expect(page.getByText(/is on top, as you wanted\./)).toBeVisible();
  await page.keyboard.press('d');
  const third = desk.chords.nth(2);
  const box = (await third.boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + 55);
  const marks = page.getByRole('slider', { name: /^Wanted on top of/ });
  await expect(marks).toHaveCount(2);
  await desk.chords.nth(4).click({ position: { x: 40, y: 60 } });
  await expect(marks).toHaveCount(3);
  await page.keyboard.press('d');
  const last = marks.last();
  const was = await last.getAttribute('aria-valuenow');
  await last.focus();
  await page.keyboard.press('ArrowDown');
  await expect(last).not.toHaveAttribute('aria-valuenow', was!);
  await page.keyboard.press('ArrowUp');
  await expect(last).toHaveAttribute('aria-valuetext', /on top/);
  await page.getByRole('button', { name: 'Play the chorus' }).click();
  await expect(page.locator('.chord-button.sounding')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  for (let taken = 0; taken < 6 && (await marks.count()) > 0; taken += 1) {
    await page.getByRole('button', { name: 'Undo' }).click();
  }
  await expect(marks).toHaveCount(0);
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('a dominant is split in two colours, and joined again', async ({ page }) => {
  const desk = await onKeys(page, '| Dm7 | G7 | Cmaj7 |');
  const before = await namesOf(desk.chords);
  await desk.chords.nth(1).click();
  await page.getByRole('combobox', { name: 'Split this chord' }).click();
  await page.getByText('a second colour 2 beats on (beat 3)').click();
  await expect(desk.chords).toHaveCount(4);
  const [, first, second] = await namesOf(desk.chords);
  expect(first).toMatch(/^G7, bar 2 beat 1, /);
  expect(second).toMatch(/^G7, part 2, bar 2 beat 3, /);
  expect(second!.split(', ').at(-1)).not.toBe(first!.split(', ').at(-1));
  await desk.chords.nth(2).click();
  await page.getByRole('button', { name: 'Join', exact: true }).click();
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
  await undo(page);
  await expect(desk.chords).toHaveCount(4);
  await undo(page);
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('the taste is changed by sliders and by name, live, and undone', async ({ page }) => {
  const desk = await onKeys(page);
  const before = await namesOf(desk.chords);
  const motion = page.locator('.setup-figures');
  await expect(motion).toHaveText(/\d+ half steps in all/);
  const was = await motion.textContent();
  await page.getByRole('button', { name: /^Taste:/ }).click();
  await page.getByRole('button', { name: 'Smoothest' }).click();
  await expect(page.getByText('the least motion there is, wherever it leads')).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Resolutions' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(slider).toHaveAttribute('aria-valuenow', '0');
  await expect(page.getByRole('button', { name: 'Taste: your own' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(motion).toHaveText(was!);
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('a voice is followed by key and the threads are seen near and far', async ({ page }) => {
  await onKeys(page);
  await page.keyboard.press('v');
  await expect(page.locator('.followed').first()).toBeAttached();
  await page.keyboard.press('Shift+V');
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.keyboard.press('-');
  await expect(page.locator('.system')).toHaveCount(1);
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect(page.locator('.system')).toHaveCount(4);
  await page.keyboard.press('-');
});

test('the chorus is shown in figures, and other whole ways are offered', async ({ page }) => {
  const desk = await onKeys(page);
  await desk.view('Figures');
  const figures = page.getByRole('region', { name: 'The chorus in figures' });
  await expect(figures).toContainText(/Resolutions met\s*\d+ of \d+/);
  await expect(figures.locator('.recharts-bar-rectangle').first()).toBeVisible();
  await desk.view('Another way');
  const ways = page.getByRole('region', { name: 'Another way' });
  await ways.getByRole('button').first().click();
  await expect(desk.chords.locator('.chord-lock').first()).toBeVisible();
  await undo(page);
  await expect(desk.chords.locator('.chord-lock')).toHaveCount(0);
});

/** Opens the étude maker and makes choices in it, each of a list by its label. */
async function etude(page: Page, choices: Readonly<Record<string, string>>): Promise<Locator> {
  await new Desk(page).openBook();
  await page.getByRole('button', { name: 'New étude' }).click();
  const dialog = page.getByRole('dialog', { name: 'A new étude' });
  for (const [label, choice] of Object.entries(choices)) {
    await dialog.getByRole('combobox', { name: label, exact: true }).click();
    await page.locator('.ant-select-item-option:visible', { hasText: choice }).first().click();
  }
  return dialog;
}

test('an étude is made, put in the book, and is an ordinary tune', async ({ page }) => {
  const desk = new Desk(page);
  const dialog = await etude(page, { Cycle: 'The chords of one key, by fourths' });
  await expect(dialog.getByText(/12 rounds, 96 chords/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByRole('heading', { name: 'Drop 2 by fourths in C' })).toBeVisible();
  await expect(desk.chords).toHaveCount(96);
  await expect(desk.chords.first()).toHaveAccessibleName(/^C.*, bar 1 beat 1, .*, locked$/);
  await page.keyboard.press('l');
  await expect(desk.chords.first()).not.toHaveAccessibleName(/locked$/);
  await undo(page);
  await expect(desk.chords.first()).toHaveAccessibleName(/locked$/);
});

test('drop 3 is taken through a key on strings 6-4-3-2 and 5-3-2-1, and each round is heard', async ({
  page,
}) => {
  const dialog = await etude(page, {
    Family: 'drop 3',
    Cycle: 'The chords of one key, by fourths',
  });
  const rounds = dialog.getByRole('listitem');
  await expect(rounds).toHaveCount(8);
  await expect(rounds.filter({ hasText: 'strings 6-4-3-2' })).toHaveCount(4);
  await expect(rounds.filter({ hasText: 'strings 5-3-2-1' })).toHaveCount(4);
  await expect(rounds.first()).toContainText('24 half steps');
  await dialog.getByRole('button', { name: 'Hear round 2' }).click();
  await dialog.getByRole('button', { name: 'Stop round 2' }).click();
  await expect(dialog.getByRole('button', { name: 'Hear round 2' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByRole('heading', { name: 'Drop 3 by fourths in C' })).toBeVisible();
});

test('one shape is moved round the circle, and what strings do not carry is said', async ({
  page,
}) => {
  const dialog = await etude(page, { Family: 'drop 3' });
  await dialog.getByText('The same shape, moved').click();
  await expect(dialog).toContainText('Drop 3 round the circle, C7, same shape');
  await expect(dialog.getByRole('listitem')).toHaveCount(8);
  await dialog.getByRole('combobox', { name: 'Family' }).click();
  await page.locator('.ant-select-item-option:visible', { hasText: 'guide tones' }).click();
  await dialog.getByRole('combobox', { name: 'Strings' }).fill('6543');
  await page.keyboard.press('Enter');
  await expect(dialog).toContainText(/Strings 6-5-4-3 have no guide tones for C7/);
});

test('an étude is played note by note, skipping a string, and its line is a solo line of the tune', async ({
  page,
}) => {
  const desk = new Desk(page);
  const dialog = await etude(page, { Cycle: 'The chords of one key, by fourths' });
  await dialog.getByRole('combobox', { name: 'Played' }).click();
  await page.locator('.ant-select-item-option:visible', { hasText: 'skipping a string' }).click();
  await expect(dialog).toContainText('Drop 2 by fourths in C, broken');
  await dialog.getByRole('button', { name: 'Hear round 2' }).click();
  await dialog.getByRole('button', { name: 'Stop round 2' }).click();
  await dialog.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByRole('heading', { name: 'Drop 2 by fourths in C, broken' })).toBeVisible();
  await desk.screen('Comp');
  await expect(page.locator('.lane-note').first()).toBeVisible();
  await expect(page.locator('.lane-note')).toHaveCount(12 * 8 * 4);
});

test('two arrangements are compared by figures and by ear, one is taken, and undone', async ({
  page,
}) => {
  const desk = await onKeys(page);
  const before = await namesOf(desk.chords);
  await desk.view('Compare');
  const dialog = page.getByRole('dialog', { name: 'Two arrangements side by side' });
  const table = dialog.getByRole('table');
  await expect(table.getByRole('row', { name: /^Motion/ })).toContainText('half steps');
  await dialog.getByRole('textbox', { name: 'A name for this arrangement' }).fill('Plain keys');
  await dialog.getByRole('button', { name: 'Save this arrangement beside it' }).click();
  await expect(table.getByRole('columnheader', { name: 'Plain keys' })).toBeVisible();
  await dialog.getByRole('combobox', { name: 'Second' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'This one, clear sound' }).click();
  await expect(table.getByRole('columnheader', { name: 'This one, clear sound' })).toBeVisible();
  await dialog.getByRole('button', { name: /^Hear one after the other/ }).click();
  await dialog.getByRole('button', { name: 'Use this one' }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: /^Taste:/ }).click();
  await expect(page.getByRole('button', { name: 'Clear sound', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => namesOf(desk.chords)).toEqual(before);
});

test('an étude is made in all twelve keys as a set, opened as a booklet; given up, nothing is left', async ({
  page,
}) => {
  const titles = async (): Promise<string[]> =>
    ((await (await page.request.get('/api/tunes')).json()) as { title: string }[]).map(
      ({ title }) => title,
    );
  const before = await titles();
  const choices = { Family: 'shell', Cycle: 'The chords of one key, by fourths' };
  const dialog = await etude(page, choices);
  const make = dialog.getByRole('button', { name: 'In all twelve keys, as a set' });
  // The server does one thing after the other: while it makes a long track the étude waits.
  const long = await longTrack(page);
  await make.click();
  await expect(dialog.getByText('Waits for its turn')).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel', exact: true }).click();
  await expect(make).toBeVisible();
  await page.request.delete(`/api/tracks/${long}`);
  expect(await titles()).toEqual(before);
  await make.click();
  await page.getByRole('button', { name: 'Open as a booklet' }).click();
  await expect(page).toHaveURL(/\/set\/.*\/take-away\?sheet=voicings/);
  const contents = page.getByRole('article', { name: /^Page 1 of/ });
  await expect(contents.locator('.booklet-title')).toHaveCount(12);
  await expect(contents.locator('.booklet-title').nth(1)).toHaveText(/^Shell.* by fourths in F$/);
  await expect(contents.getByRole('heading')).toHaveText(/ by fourths in all keys$/);
});

/** Has the server make a track that takes a while. @returns its id */
async function longTrack(page: Page): Promise<string> {
  const [{ id }] = (await (await page.request.get('/api/tunes')).json()) as [{ id: string }];
  const tune = (await (await page.request.get(`/api/tunes/${id}`)).json()) as {
    arrangements: [{ id: string }];
  };
  const wish = {
    ...{ heard: ['bass'], keys: [0, 2, 4, 6, 8], times: 5, tempo: 60, faster: 0 },
    ...{ countIn: true, format: 'ogg' },
  };
  const data = { tuneId: id, arrangementId: tune.arrangements[0].id, wish };
  const asked = await page.request.post('/api/tracks', { data });
  return ((await asked.json()) as { id: string }).id;
}
