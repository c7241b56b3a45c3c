import type { Page } from '@playwright/test';
import { Desk, expect, plugInKeys, test } from './desk';
import { LATE } from './late';
import { tunePath } from './screens';
import { SPARE_PORT, endServer, startServer } from './server';

const A_DAY = 86_400_000;
/** Days that are over: what is noted counts at the time the page says, as long as that has been. */
const FIRST_DAY = Date.now() - 40 * A_DAY;

const THREE_MINUTES = 180_000;

const practised = (page: Page, words: string) =>
  page.getByRole('region', { name: /^Due today/ }).getByRole('link', { name: words });
const grade = (page: Page, name: string) =>
  page
    .getByRole('group', { name: 'How did it go?' })
    .getByRole('button', { name, exact: true })
    .click();

interface OwnTune {
  readonly id: string;
  readonly title: string;
}

/** A tune of one's own, with a title that no other test and no earlier run has. */
async function ownTune(page: Page, name: string, text: string): Promise<OwnTune> {
  const title = `${name} ${Date.now()}`;
  const fields = { title, text, key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
  const made = await page.request.post('/api/tunes', { data: fields });
  return { id: ((await made.json()) as { id: string }).id, title };
}

/** Until the server has so many reviews of an item. */
async function noted(page: Page, item: string, reviews: number): Promise<void> {
  await expect
    .poll(async () => {
      const answer = await page.request.get('/api/practice/items');
      const items = (await answer.json()) as { item: string; reviews: number }[];
      return items.find((each) => each.item === item)?.reviews ?? 0;
    })
    .toBe(reviews);
}

test('three days: what is due comes, the tempo climbs, and a hole closes', async ({ page }) => {
  const { id, title } = await ownTune(page, 'Three Days Out', '| Dm7 G7 | Cmaj7 A7 |');
  await page.clock.install({ time: FIRST_DAY });

  // The first day: a layer, one clean pass, and how it went.
  await page.goto(`/tune/${id}/practise`);
  await expect(page.getByText('of 120')).toBeVisible();
  await expect(page.getByLabel('Tempo in beats a minute')).toHaveValue('72');
  await page.keyboard.press('y');
  await expect(page.getByText('Now at 76.')).toBeVisible();
  await page.clock.setSystemTime(FIRST_DAY + THREE_MINUTES);
  await grade(page, 'Good');
  await expect(page.getByText('Noted: good, at 76.')).toBeVisible();
  await noted(page, `layer / numbers / ${id}`, 1);
  await page.goto('/practise');
  await expect(page.getByRole('heading', { name: 'The weeks ahead' })).toBeVisible();
  await expect(practised(page, `Numbers of ${title}`)).toBeHidden();

  // Two days later it is due, with the reason, and comes faster.
  await page.clock.setSystemTime(FIRST_DAY + 3 * A_DAY);
  await page.goto('/practise');
  const row = page.getByRole('region', { name: /^Due today/ }).getByRole('listitem');
  const words = row.filter({ hasText: `Numbers of ${title}` });
  await expect(words).toContainText(/due since yesterday, \d+% known, last at 76/);
  await practised(page, `Numbers of ${title}`).click();
  await expect(page.getByLabel('Tempo in beats a minute')).toHaveValue('80');
  await page.keyboard.press('4');
  await expect(page.getByText('Noted: easy, at 80.')).toBeVisible();
  await noted(page, `layer / numbers / ${id}`, 2);

  // A hole of the map leads to its grips, and is one no longer.
  await page.goto('/practise/holes');
  await page.getByRole('button', { name: 'Another form' }).click();
  await page.getByRole('dialog').getByRole('combobox', { name: 'Inversion' }).click();
  await page.getByTitle('second inversion').click();
  await page.getByRole('button', { name: 'Practise it' }).click();
  await expect(page.locator('.form-grips svg')).toHaveCount(3);
  await expect(page.locator('.form-page h2')).toContainText(
    /Drop 2, second inversion, strings \d+/,
  );
  const form = new URL(page.url()).searchParams.get('item') ?? '';
  await grade(page, 'Good');
  await noted(page, form, 1);
  await page.getByRole('link', { name: 'Map of holes' }).click();
  const hole = page.getByRole('button', { name: /^drop 2, second inversion.*C F B♭: / }).first();
  await expect(hole).toBeVisible();

  // A week later the tune is still known, and nothing of it is due.
  await page.clock.setSystemTime(FIRST_DAY + 5 * A_DAY);
  await page.goto('/practise');
  await expect(page.getByRole('heading', { name: 'The weeks ahead' })).toBeVisible();
  await expect(practised(page, `Numbers of ${title}`)).toBeHidden();

  // The logbook has written itself.
  await page.clock.setSystemTime(FIRST_DAY + 5 * A_DAY);
  await page.goto('/practise/logbook');
  await page.getByRole('searchbox', { name: 'Look for' }).fill(title);
  // About three minutes: the page's clock runs while a slow machine opens the page.
  const entry = new RegExp(`Numbers of ${title} [23](\\.\\d)? 76 Good`);
  await expect(page.getByRole('row', { name: entry })).toBeVisible();
});

test('an item that is not for today is put off, and that is taken back', async ({ page }) => {
  const { id, title } = await ownTune(page, 'Not Today', '| Dm7 G7 |');
  const item = `layer / roots / ${id}`;
  const at = Date.now() - 9 * A_DAY;
  const note = { id: crypto.randomUUID(), item, kind: 'review', at, grade: 'good' };
  await page.request.post('/api/practice/notes', { data: { notes: [note] } });
  await page.goto('/practise');
  const row = practised(page, `Roots of ${title}`);
  await expect(row).toBeVisible();
  await page.getByRole('button', { name: `Not today: roots of ${title}` }).click();
  await expect(row).toBeHidden();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(row).toBeVisible();
});

test.describe('a session', () => {
  test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}` });

  test('survives a killed server and a closed tab, is put in another order, and ends in two lines', async ({
    page,
    context,
    quiet,
  }) => {
    quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource/);
    let server = await startServer(SPARE_PORT);
    try {
      const { title } = await ownTune(page, 'Twenty Minutes', '| Dm7 G7 | Cmaj7 A7 |');
      await page.goto('/practise');
      await page.getByRole('combobox', { name: 'What it is for' }).fill(title);
      await page.getByTitle(title).click();
      const plan = page.getByRole('list', { name: 'What the session would be' });
      await expect(plan).toContainText(`New: numbers of ${title}`);
      await expect(plan).toContainText(`${title} from beginning to end`);
      await page.getByRole('button', { name: 'Begin', exact: true }).click();
      const bar = page.getByRole('region', { name: 'Session' });
      await expect(bar).toContainText(/1 of \d+/);
      await expect(bar.getByRole('timer')).toContainText(/0:0[2-9]|0:[1-5]\d/);

      await endServer(server, 'SIGKILL');
      await bar.getByRole('button', { name: 'Skip' }).click();
      await expect(bar).toContainText(/2 of \d+/);
      const where = await bar.textContent();
      await page.close();

      server = await startServer(SPARE_PORT);
      const later = await context.newPage();
      await later.goto('/practise');
      const again = later.getByRole('region', { name: 'Session' });
      await expect(again).toContainText(where?.slice(0, 6) ?? 'none');
      await again.getByRole('button', { name: 'All steps' }).click();
      const steps = later.getByRole('dialog').getByRole('listitem');
      await expect(steps.first()).toContainText(/drop|of|Twenty/);
      await later.getByRole('button', { name: 'End the session' }).click();
      const end = later.getByRole('status', { name: 'What was done' });
      await expect(end).toContainText(/0 of \d+ done/);
      await expect(end).toContainText('Left for another day');
      await end.getByRole('button', { name: 'Done for today' }).click();
      await expect(end).toBeHidden();
      await expect
        .poll(async () => {
          const sessions = (await (await later.request.get('/api/practice/sessions')).json()) as {
            ended?: number;
          }[];
          return sessions[0]?.ended !== undefined;
        })
        .toBe(true);
      await later.close();
    } finally {
      await endServer(server, 'SIGTERM');
    }
  });
});

test.describe('without the server', () => {
  test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}` });

  test('what is practised counts at once, and is sent when it is back', async ({ page, quiet }) => {
    quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource/);
    let server = await startServer(SPARE_PORT);
    try {
      const { id, title } = await ownTune(page, 'On the Ferry', '| Dm7 G7 |');
      const item = `layer / numbers / ${id}`;
      const at = Date.now() - 9 * A_DAY;
      const note = { id: crypto.randomUUID(), item, kind: 'review', at, grade: 'good' };
      await page.request.post('/api/practice/notes', { data: { notes: [note] } });
      await page.goto('/practise');
      await practised(page, `Numbers of ${title}`).click();
      await expect(page.getByText('of 120')).toBeVisible();
      await endServer(server, 'SIGKILL');
      await page.keyboard.press('3');
      await expect(page.getByText(/^Noted: good, at/)).toBeVisible();
      await expect(page.getByText('waiting for the server', { exact: false })).toBeVisible();
      await page.getByRole('link', { name: 'Practise' }).first().click();
      await expect(page.getByRole('heading', { name: 'The weeks ahead' })).toBeVisible();
      await expect(practised(page, `Numbers of ${title}`)).toBeHidden();
      server = await startServer(SPARE_PORT);
      await noted(page, item, 2);
      await expect(page.getByText('waiting for the server', { exact: false })).toBeHidden();
    } finally {
      await endServer(server, 'SIGTERM');
    }
  });
});

test('a chart is written from memory, and what was missed is covered again', async ({ page }) => {
  const { id } = await ownTune(page, 'By Heart', '| Dm7 | G7 | Cmaj7 | A7 |');
  await page.goto(`/tune/${id}/practise?do=by-heart`);
  await page.getByLabel('What you see').click();
  await page.getByTitle('Only the form').click();
  const fields = page.getByRole('textbox', { name: /^Chord of bar/ });
  await expect(fields).toHaveCount(4);
  await fields.nth(0).fill('D-7');
  await fields.nth(1).fill('G7');
  await page.getByRole('button', { name: 'Cmaj7', exact: true }).click();
  await page.getByRole('button', { name: 'Uncover and compare' }).click();
  await expect(page.getByText('3 of 4 recalled')).toBeVisible();
  await noted(page, `layer / memory / ${id}`, 1);
  await page.getByRole('button', { name: /^Once more/ }).click();
  await expect(page.getByRole('button', { name: 'Uncover and compare' })).toBeVisible();

  // Where it stands is the book's, not this page's: one of four missed stays on its rung.
  await page.reload();
  await expect(page.getByLabel('What you see')).toBeVisible();
  await expect(page.locator('.ladder .ant-select')).toContainText('Only the form');
});

test('a chord of the chart is recalled by playing it', async ({ page }) => {
  const send = await plugInKeys(page);
  const { id } = await ownTune(page, 'Played By Heart', '| Dm7 | G7 | Cmaj7 | A7 |');
  await page.goto(`/tune/${id}/practise?do=by-heart`);
  await page.getByLabel('What you see').click();
  await page.getByTitle('Only the form').click();
  const fields = page.getByRole('textbox', { name: /^Chord of bar/ });
  await fields.first().focus();
  await page.getByRole('button', { name: 'MIDI keyboard…' }).click();
  for (const chord of [
    [53, 60, 64],
    [53, 59],
    [52, 59, 62],
    [49, 55, 57],
  ]) {
    for (const note of chord) await send(0x90, note, 80);
    for (const note of chord) await send(0x80, note, 0);
  }
  await expect(fields.nth(0)).toHaveValue('Dm7');
  await expect(fields.nth(1)).toHaveValue('G7');
  await expect(fields.nth(2)).toHaveValue('Cmaj7');
  await expect(fields.nth(3)).toHaveValue('A7');
  await page.getByRole('button', { name: 'Uncover and compare' }).click();
  await expect(page.getByText('4 of 4 recalled')).toBeVisible();
});

test.describe('a layer that is listened to', () => {
  const listenTo = async (page: Page, who: string): Promise<void> => {
    await page.getByRole('button', { name: /^Listen/ }).click();
    await page.getByRole('combobox', { name: 'Who is listened to' }).click();
    await page.getByTitle(who).click();
    await page.keyboard.press('Escape');
  };

  test('is judged each time round, and the tempo climbs by itself', async ({ page }) => {
    const { id } = await ownTune(page, 'Listened To', '| Dm7 G7 | Cmaj7 A7 |');
    await page.goto(`/tune/${id}/practise?layer=roots`);
    await listenTo(page, 'A stand-in, clean');
    const tempo = page.getByLabel('Tempo in beats a minute');
    await expect(tempo).toHaveValue('72');
    await page.getByRole('button', { name: 'Play the roots' }).click();
    const said = page.locator('.pass-said');
    await expect(said).toContainText(/^4 of 4 notes; .* Now at 76\.$/);
    await expect(said).toContainText('Now at 80.');
    await expect(page.getByText(/^Measured: (good|easy)$/)).toBeVisible();
    await page.getByRole('button', { name: 'Stop' }).click();
    await page.keyboard.press('4');
    await expect(said).toContainText('Noted: easy, at 8');
  });

  test('slows down where notes were missed, and crosses them in the line', async ({ page }) => {
    const { id } = await ownTune(page, 'With Slips', '| Dm7 G7 | Cmaj7 A7 | Dm7 G7 | C6 |');
    await page.goto(`/tune/${id}/practise?layer=roots`);
    await listenTo(page, 'A stand-in, with slips');
    await page.getByRole('button', { name: 'Play the roots' }).click();
    const said = page.locator('.pass-said');
    await expect(said).toContainText(/^6 of 8 notes, 1 too many; .* Now at 66\.$/);
    await expect(page.locator('.line-missed')).toHaveCount(2);
    await expect(page.getByText('Measured: missed')).toBeVisible();
  });

  test('a phrase is played in time as a drill', async ({ page }) => {
    const { id } = await ownTune(page, 'In Time', '| Dm7 G7 | Cmaj7 A7 |');
    await page.goto(`/tune/${id}/practise?do=drills&drill=in+time&layer=guide+tones`);
    await expect(page.locator('.drill-words')).toContainText(
      'Play the guide tones of bars 1 to 2 in time, at 72.',
    );
    await listenTo(page, 'A stand-in, clean');
    await page.getByRole('button', { name: 'Count me in' }).click();
    const verdict = page.locator('.drill-verdict');
    await expect(verdict).toContainText(/^Right: 4 of 4 notes; .* It goes \S+, \S+, \S+, \S+\.$/);
    await page.getByRole('button', { name: 'Next question' }).click();
    await expect(page.getByText('1 of 1 right')).toBeVisible();
  });
});

for (const [layer, sounds] of [
  ['roots', '.line-head.lit'],
  ['shells', '.chord-button.sounding'],
  ['comp', '.chord-button.sounding'],
] as const) {
  test(`play pressed before the layer of ${layer} is worked out plays it once it is`, async ({
    page,
  }) => {
    await page.addInitScript(LATE);
    await page.goto(`${await tunePath(page, 'Bilge Lamp Blues')}/practise?layer=${layer}`);
    await page.getByRole('button', { name: `Play the ${layer}` }).click();
    await expect(page.locator(sounds)).toBeVisible();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(page.locator(sounds)).toHaveCount(0);
  });
}

test('what is due is played by one press', async ({ page }) => {
  const { id, title } = await ownTune(page, 'One Press', '| Dm7 G7 | Cmaj7 A7 |');
  const item = `layer / guide tones / ${id}`;
  const note = { id: crypto.randomUUID(), item, kind: 'review', at: Date.now() - 9 * A_DAY };
  await page.request.post('/api/practice/notes', { data: { notes: [{ ...note, grade: 'good' }] } });
  await page.goto('/practise');
  await page.getByRole('button', { name: `Play: guide tones of ${title}` }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Play the guide tones' })).toBeVisible();
});

test('a step of a session is ended by its key, and the grips of a form are asked about', async ({
  page,
}) => {
  const form = 'form / drop2 / maj7 / 5432 / 1 / C F Bb';
  await page.goto(`/practise/form?${new URLSearchParams({ item: form })}`);
  await page.getByRole('button', { name: 'Ask me about these grips' }).click();
  await expect(page.getByText(/^Which degree of (C|F|B♭|Bb)maj7 is on top\?$/)).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  const chooser = page.locator('.drill .ant-select');
  const edge = await chooser.evaluate((each) => each.getBoundingClientRect().right);
  expect(edge).toBeLessThanOrEqual(390);
  await page
    .getByRole('group', { name: 'Degrees' })
    .getByRole('button', { name: '5', exact: true })
    .click();
  await expect(page.locator('.drill-verdict')).toContainText(/Right, in .* is on top: the 5\./);
  await page.goto('/practise');
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const bar = page.getByRole('region', { name: 'Session' });
  await expect(bar).toContainText(/1 of \d+/);
  await page.keyboard.press('Shift+S');
  await expect(bar).toContainText(/2 of \d+/);
  await page.keyboard.press('Shift+P');
  await expect(bar.getByRole('button', { name: 'Continue' })).toBeVisible();
  await bar.getByRole('button', { name: 'All steps' }).click();
  await page.getByRole('button', { name: 'End the session' }).click();
});

test('a drill asks one thing at a time, by keys alone, and counts as practice', async ({
  page,
}) => {
  const { id } = await ownTune(page, 'Drilled', '| Dm7 G7 | Cmaj7 A7 |');
  await page.goto(`/tune/${id}/practise?do=drills&drill=spell+the+chord`);
  const notes = page.getByRole('textbox', { name: 'The notes, as C E♭ G' });
  for (let asked = 0; asked < 5; asked += 1) {
    await expect(notes).toBeFocused();
    const words = (await page.locator('.drill-words').textContent()) ?? '';
    const spelled = { 'Spell Dm7.': 'd f a c', 'Spell G7.': 'G B D F' }[words] ?? 'C E G';
    await page.keyboard.type(spelled);
    await page.keyboard.press('Enter');
    await expect(page.locator('.drill-verdict')).toContainText(/(Right|\d+% right|Not so), in/);
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'End here and note it' }).click();
  await expect(page.getByText(/^Noted for the arpeggios: /)).toBeVisible();
  await noted(page, `layer / arpeggios / ${id}`, 1);
});

test('the logbook is written, corrected, cleared, put back, and taken from a file line by line', async ({
  page,
}) => {
  await page.goto('/practise/logbook');
  await page.getByRole('button', { name: 'Write an entry' }).click();
  await page.getByLabel('What', { exact: true }).fill('Long tones at the rail');
  await page.getByLabel('Minutes', { exact: true }).fill('12');
  await page.getByRole('button', { name: 'Write it' }).click();
  const row = page.getByRole('row', { name: /^Long tones at the rail/ });
  await expect(row).toContainText('12');
  await row.getByRole('button', { name: /^Correct/ }).click();
  await page.getByLabel('Minutes', { exact: true }).fill('14');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(row).toContainText('14');
  await row.getByRole('button', { name: /^Throw away/ }).click();
  await expect(row).toBeHidden();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(row).toBeVisible();

  const today = new Date().toISOString().slice(0, 10);
  const text = `day,minutes,what\n${today},9,From a file\nFriday,9,No day\n${today},9,From a file too\n`;
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const dialog = page.getByRole('dialog', { name: 'log.csv' });
  await expect(dialog).toContainText('2 good entries');
  await expect(dialog).toContainText('Line 3: "Friday" is no day');
  await dialog.getByRole('button', { name: 'Take 2 entries' }).click();
  await expect(page.getByRole('row', { name: /^From a file too/ })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save to a file' }).click();
  await page.getByText('As a table (CSV)').click();
  expect((await saved).suggestedFilename()).toMatch(/^logbook .*\.csv$/);
});

test('the book says what is known and due, and is put in that order', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openBook();
  const blues = page.getByRole('row', { name: /Bilge Lamp Blues/ });
  await expect(blues.getByRole('link', { name: /^\d+%/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Practice' }).click();
  await page.getByTitle('not begun').click();
  await expect(blues).toBeHidden();
});
