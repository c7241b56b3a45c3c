import type { ChildProcess } from 'node:child_process';
import { Desk, expect, test } from './desk';
import { SPARE_PORT, endServer as end, startServer as start } from './server';

/** A server of the test's own, to be taken away and brought back. */
let server: ChildProcess;

async function startServer(): Promise<void> {
  server = await start(SPARE_PORT);
}

const endServer = (signal: NodeJS.Signals): Promise<void> => end(server, signal);

test.describe('while the server is away', () => {
  test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}` });
  test.afterEach(() => endServer('SIGTERM'));

  test('typing goes on, is kept here, and is sent when it is back', async ({ page, quiet }) => {
    quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource/);
    await startServer();
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 |');
    await desk.saved();
    await endServer('SIGKILL');

    await desk.changes.fill('| Dm7 | G7 | Cmaj7 |');
    await expect(desk.saveState).toContainText('offline, kept here');
    await desk.changes.fill('| Dm7 | G7 | Cmaj7 | A7 |');
    await expect(page.locator('.sheet .symbol')).toHaveCount(4);

    await startServer();
    await desk.saved();
    expect(await desk.storedText()).toBe('| Dm7 | G7 | Cmaj7 | A7 |');
    // The tune stayed open: what was typed, in one go, can be undone.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(() => desk.text()).not.toContain('A7');
  });

  test('the page may even be closed: the edit comes back and is sent', async ({
    page,
    context,
    quiet,
  }) => {
    quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource/);
    await startServer();
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 |');
    await desk.saved();
    await endServer('SIGKILL');
    await desk.changes.fill('| Em7 | A7 |');
    await expect(desk.saveState).toContainText('offline, kept here');
    const address = page.url();
    await page.close();

    await startServer();
    const later = await context.newPage();
    await later.goto(address);
    const again = new Desk(later);
    await again.reads('| Em7 | A7 |');
    await again.saved();
    await later.getByRole('button', { name: 'Undo' }).click();
    await again.reads('| Dm7 | G7 |');
  });
});

test('a tune changed in two places offers both, and the one not taken is an undo away', async ({
  page,
  browser,
  quiet,
}) => {
  quiet.allow(/409/);
  const desk = new Desk(page);
  await desk.newTune('| C6 |');
  await desk.saved();
  const elsewhere = await (await browser.newContext()).newPage();
  const other = new Desk(elsewhere);
  await elsewhere.goto(page.url());
  await other.reads('| C6 |');

  await other.changes.fill('| F6 | Bb7 |');
  await other.saved();
  await desk.changes.fill('| G6 |');
  const dialog = page.getByRole('dialog', { name: 'This tune was changed in two places' });
  await expect(dialog).toContainText('| G6 |');
  await expect(dialog).toContainText('| F6 | Bb7 |');

  await dialog.getByRole('button', { name: 'Keep mine' }).click();
  await desk.saved();
  await desk.reads('| G6 |');
  await page.getByRole('button', { name: 'Undo' }).click();
  await desk.reads('| F6 | Bb7 |');
  await desk.saved();
});

test('both versions can be kept, mine as a copy', async ({ page, browser, quiet }) => {
  quiet.allow(/409/);
  const desk = new Desk(page);
  await desk.newTune('| C6 |');
  await desk.saved();
  const original = page.url();
  const elsewhere = await (await browser.newContext()).newPage();
  const other = new Desk(elsewhere);
  await elsewhere.goto(original);
  await other.changes.fill('| F6 |');
  await other.saved();
  await desk.changes.fill('| G6 |');
  await page.getByRole('button', { name: 'Keep both, mine as a copy' }).click();
  await expect(page.getByRole('heading', { name: 'New tune (mine)' })).toBeVisible();
  await desk.reads('| G6 |');
  await page.goto(original);
  await desk.reads('| F6 |');
});

test('locks follow their chords when bars are put in front', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | C6 |');
  await desk.screen('Voice');
  await desk.chords.nth(1).click();
  await page.keyboard.press('l');
  await expect(desk.chords.nth(1)).toHaveAccessibleName(/^G7.*locked$/);
  await desk.screen('Chart');
  await desk.changes.fill('| F6 | E7 | Dm7 | G7 | C6 |');
  await desk.screen('Voice');
  await expect(desk.chords.nth(3)).toHaveAccessibleName(/^G7.*locked$/);
  await expect(desk.chords.nth(1)).not.toHaveAccessibleName(/locked$/);
});
