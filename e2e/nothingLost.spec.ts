import type { Page } from '@playwright/test';
import type { ChildProcess } from 'node:child_process';
import { Desk, expect, test } from './desk';
import { SPARE_PORT, endServer, startServer } from './server';

/** Lets the browser's store refuse to keep anything. */
const fillStore = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });

test.describe('with a server that goes away', () => {
  test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}` });
  let server: ChildProcess;
  test.beforeEach(async ({ quiet }) => {
    quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource/);
    server = await startServer(SPARE_PORT);
  });
  test.afterEach(() => endServer(server, 'SIGTERM'));

  test('a full store is said at once, and nothing is called saved that is not', async ({
    page,
  }) => {
    await fillStore(page);
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 |');
    await desk.saved();
    expect(await desk.storedText()).toBe('| Dm7 | G7 |');
    await endServer(server, 'SIGKILL');
    await desk.changes.fill('| Dm7 | G7 | Cmaj7 |');
    await expect(desk.saveState).toContainText(
      'this browser’s storage is full. Keep this page open.',
    );
    server = await startServer(SPARE_PORT);
    await desk.saved();
    expect(await desk.storedText()).toBe('| Dm7 | G7 | Cmaj7 |');
  });

  test('two tabs without the server overwrite nothing of each other', async ({ page, context }) => {
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
    await desk.saved();
    const second = await context.newPage();
    const other = new Desk(second);
    await second.goto(page.url());
    await other.reads('| Dm7 | G7 | Cmaj7 | A7 |');
    await endServer(server, 'SIGKILL');

    await desk.changes.fill('| Dm9 | G7 | Cmaj7 | A7 |');
    await expect(desk.saveState).toContainText('offline, kept here');
    await other.changes.fill('| Dm7 | G7 | Cmaj7 | Eb7 |');
    await expect(other.saveState).toContainText('offline, kept here');

    server = await startServer(SPARE_PORT);
    await desk.saved();
    await other.saved();
    await desk.reads('| Dm9 | G7 | Cmaj7 | Eb7 |');
    await other.reads('| Dm9 | G7 | Cmaj7 | Eb7 |');
    expect(await desk.storedText()).toBe('| Dm9 | G7 | Cmaj7 | Eb7 |');
  });

  test('an edit of a tune that was thrown away meanwhile waits in the Book, and can be a tune', async ({
    page,
  }) => {
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 |');
    await desk.saved();
    const id = /tune\/([^/]+)/.exec(page.url())?.[1] ?? '';
    await endServer(server, 'SIGKILL');
    await desk.changes.fill('| Em7 | A7 |');
    await expect(desk.saveState).toContainText('offline, kept here');
    await page.getByRole('link', { name: 'Drop Close' }).click();
    const waiting = page.getByRole('region', { name: 'Not yet in the book' });
    await expect(waiting).toContainText('waits for the server');

    server = await startServer(SPARE_PORT);
    await page.request.delete(`/api/tunes/${id}`);
    await expect(waiting).toContainText('its tune was thrown away');
    await waiting.getByRole('button', { name: 'Keep as a new tune' }).click();
    await desk.reads('| Em7 | A7 |');
    await desk.saved();
    await page.getByRole('link', { name: 'Drop Close' }).click();
    await expect(waiting).toBeHidden();
  });
});

test('what is written in one tab comes into the other', async ({ page, context }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.saved();
  const second = await context.newPage();
  const other = new Desk(second);
  await second.goto(page.url());
  await other.reads('| Dm7 | G7 |');
  await desk.changes.fill('| Dm7 | Db7 |');
  await desk.saved();
  await other.reads('| Dm7 | Db7 |');
  await expect(second.getByText('Changes made elsewhere were taken in')).toBeVisible();
  await expect(second.getByText('bar 2: G7 → Db7')).toBeVisible();
});

test('edits in two places that do not touch are brought together', async ({
  page,
  browser,
  quiet,
}) => {
  quiet.allow(/409/);
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.saved();
  const elsewhere = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  const other = new Desk(elsewhere);
  await elsewhere.goto(page.url());
  await other.changes.fill('| Dm7 | G7 | Cmaj7 | Eb7 | Ab7 |');
  await other.saved();

  await desk.changes.fill('| Dm9 | G7 | Cmaj7 | A7 |');
  await desk.reads('| Dm9 | G7 | Cmaj7 | Eb7 | Ab7 |');
  await desk.saved();
  expect(await desk.storedText()).toBe('| Dm9 | G7 | Cmaj7 | Eb7 | Ab7 |');
});

test('a tune that is thrown away elsewhere while it is edited can be kept as a new one', async ({
  page,
  quiet,
}) => {
  quiet.allow(/404/);
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.saved();
  const first = page.url();
  const id = /tune\/([^/]+)/.exec(first)?.[1] ?? '';
  await page.request.delete(`/api/tunes/${id}`);
  await desk.changes.fill('| Em7 | A7 |');
  await expect(desk.saveState).toContainText('this tune is no longer in the book');
  await page.getByRole('button', { name: 'Keep as a new tune' }).click();
  await expect(page).not.toHaveURL(first);
  await desk.reads('| Em7 | A7 |');
  await desk.saved();
});

test('a pasted character that cannot be stored is named where it stands, and saving goes on without it', async ({
  page,
  quiet,
}) => {
  quiet.allow(/400/);
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.saved();
  await desk.changes.evaluate((field) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', '| C6\u0000 ');
    field.focus();
    field.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByRole('list', { name: 'To correct' })).toContainText(
    'Here stands a character that cannot be stored (NUL): delete it.',
  );
  await expect(desk.saveState).toContainText('not saved: text holds a character');
  await desk.changes.fill('| C6 | Dm7 | G7 |');
  await desk.saved();
  expect(await desk.storedText()).toBe('| C6 | Dm7 | G7 |');
});

const TOO_MUCH: [name: string, text: string, message: string][] = [
  [
    '500 bars of ten chords',
    `| ${Array(500).fill('C7 F7 C7 F7 C7 F7 C7 F7 C7 F7').join(' | ')} |`,
    'With its repeats this is more than 1000 bars or 2000 chords',
  ],
  [
    'a bar of 15,000 chords, repeated 500 times',
    `| ${'C '.repeat(15_000)}${'| % '.repeat(499)}|`,
    'A bar holds up to 32 chords and holds',
  ],
];
for (const [name, text, message] of TOO_MUCH) {
  test(`${name} are answered in words, and the page goes on`, async ({ page }) => {
    const desk = new Desk(page);
    await desk.newTune('| Dm7 | G7 |');
    await desk.saved();
    await desk.changes.evaluate((field, pasted) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', pasted);
      field.focus();
      document.getSelection()?.selectAllChildren(field);
      field.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
      );
    }, text);
    await expect(page.getByRole('list', { name: 'To correct' })).toContainText(message);
    await desk.saved();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'New tune' })).toBeVisible();
    await page.getByRole('link', { name: 'Drop Close' }).click();
    await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  });
}

test('an earlier version is seen with what changed since, gone back to, and that undone', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 |');
  await desk.saved();
  await desk.changes.fill('| Dm7 | Db7 | Cmaj7 |');
  await desk.saved();
  await page.getByRole('button', { name: 'Earlier versions' }).click();
  const sheet = page.getByRole('dialog', { name: 'Earlier versions of this tune' });
  await expect(sheet.getByRole('listitem').first()).toContainText('bar 2: G7 → Db7');
  await sheet.getByRole('listitem').nth(1).getByRole('button').click();
  await expect(sheet).toContainText('Since then: bar 2: G7 → Db7.');
  await sheet.getByRole('button', { name: 'Go back to this version' }).click();
  await desk.reads('| Dm7 | G7 | Cmaj7 |');
  await desk.saved();
  await page.getByRole('button', { name: 'Undo' }).click();
  await desk.reads('| Dm7 | Db7 | Cmaj7 |');
  await desk.saved();
});

test('what was thrown away is listed and put back', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.saved();
  const id = /tune\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.request.delete(`/api/tunes/${id}`);
  await page.goto('/book');
  await page.getByRole('button', { name: 'Thrown away' }).click();
  const sheet = page.getByRole('dialog', { name: 'Thrown away' });
  await sheet.getByRole('button', { name: 'Put back: New tune' }).first().click();
  await expect.poll(async () => (await page.request.get(`/api/tunes/${id}`)).status()).toBe(200);
});

test('a screen that cannot be loaded says so, and the others go on', async ({ page, quiet }) => {
  quiet.allow(
    /Failed to load resource|dynamically imported module|ERR_FAILED|error occurred in|Unable to preload/,
  );
  await page.route('**/assets/ProfilePage*', (route) => route.abort());
  await page.goto('/book');
  await page.getByRole('link', { name: 'Hands and instrument' }).click();
  await expect(page.getByText('Hands and instrument could not be loaded')).toBeVisible();
  await page.getByRole('link', { name: 'Drop Close' }).click();
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();
  await page.unroute('**/assets/ProfilePage*');
  await page.goto('/player');
  await expect(page.getByRole('heading', { name: 'Hands and instrument' })).toBeVisible();
});
