import type { ChildProcess } from 'node:child_process';
import { Desk, expect, test } from './desk';
import { SPARE_PORT, endServer, startServer } from './server';

test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}`, serviceWorkers: 'allow' });

const TEXT = '| Dm7 G7 | Cmaj7 A7 | Dm7 G7 | C6 |';

let server: ChildProcess;
test.beforeEach(async ({ quiet }) => {
  quiet.allow(/ERR_CONNECTION_REFUSED|Failed to load resource|ERR_FAILED/);
  server = await startServer(SPARE_PORT);
});
test.afterEach(() => endServer(server, 'SIGTERM'));

test('from a closed browser without the server to edits in the database', async ({
  page,
  context,
}) => {
  const title = `Night ferry ${Date.now()}`;
  const data = { title, text: TEXT, key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
  await page.request.post('/api/tunes', { data });
  await page.goto('/book');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  const kept = (): Promise<number> =>
    page.evaluate(
      () =>
        new Promise((resolve) => {
          const opening = indexedDB.open('drop-close');
          opening.onsuccess = () => {
            const database = opening.result;
            const keys = database.transaction('answers').objectStore('answers').getAllKeys();
            keys.onsuccess = () => {
              database.close();
              resolve(keys.result.filter((key) => /^\/tunes\/[^/]+$/.test(key as string)).length);
            };
          };
        }),
    );
  const tunes = (await (await page.request.get('/api/tunes')).json()) as { id: string }[];
  await expect.poll(kept).toBe(tunes.length);
  await page.close();
  await endServer(server, 'SIGKILL');

  // The whole application, and a tune that this browser has never opened.
  const first = await context.newPage();
  await first.goto('/book');
  await expect(first.getByText('The server does not answer')).toBeVisible();
  await first.getByRole('link', { name: title }).click();
  const desk = new Desk(first);
  await expect(desk.chords.first()).toBeVisible();
  await desk.screen('Chart');
  const edited = TEXT.replace('Cmaj7 A7', 'Em7 A7');
  await desk.changes.fill(edited);
  await expect(desk.saveState).toContainText('offline, kept here');
  await first.keyboard.press('Escape');
  const address = first.url();
  await first.close();

  // The edit is there again, and the music plays.
  const second = await context.newPage();
  await second.goto(address);
  const again = new Desk(second);
  await again.reads(edited);
  await second.getByRole('button', { name: /^Play/ }).first().click();
  await expect(second.getByRole('button', { name: /^Stop/ }).first()).toBeVisible();
  await second.getByRole('button', { name: /^Stop/ }).first().click();

  // A new tune begins here too.
  await second.goto('/book');
  await second.getByRole('button', { name: 'New tune', exact: true }).click();
  await again.changes.fill('| Ebmaj7 | Ab7 |');
  await expect(again.saveState).toContainText('offline, kept here');
  const made = /tune\/([^/]+)/.exec(second.url())?.[1] ?? '';
  await second.goto('/book');
  await expect(second.getByRole('region', { name: 'Not yet in the book' })).toContainText(title);

  server = await startServer(SPARE_PORT);
  const id = /tune\/([^/]+)/.exec(address)?.[1] ?? '';
  const stored = async (tune: string): Promise<string> => {
    const answer = await second.request.get(`/api/tunes/${tune}`);
    return answer.ok() ? ((await answer.json()) as { text: string }).text : '';
  };
  await expect.poll(() => stored(id)).toBe(edited);
  await expect.poll(() => stored(made)).toBe('| Ebmaj7 | Ab7 |');
  await expect(second.getByRole('region', { name: 'Not yet in the book' })).toBeHidden();
});

test('a tab opened while another has unsaved work shows that work', async ({ page, context }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.saved();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await endServer(server, 'SIGKILL');
  await desk.changes.fill('| Dm7 | Db7 |');
  await expect(desk.saveState).toContainText('offline, kept here');
  const second = await context.newPage();
  await second.goto(page.url());
  const other = new Desk(second);
  await other.reads('| Dm7 | Db7 |');
  server = await startServer(SPARE_PORT);
  await desk.saved();
  await other.saved();
  expect(await desk.storedText()).toBe('| Dm7 | Db7 |');
});
