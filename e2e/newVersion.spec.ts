import { appendFile, cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { Desk, expect, test } from './desk';
import { SPARE_PORT, endServer, startServer } from './server';

test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}`, serviceWorkers: 'allow' });

test('a newer version leaves an open page as it is, and comes when its player asks for it', async ({
  page,
  context,
}) => {
  const web = await mkdtemp(join(tmpdir(), 'drop-close-'));
  await cp(resolve(__dirname, '../apps/web/dist'), web, { recursive: true });
  const server = await startServer(SPARE_PORT, web);
  try {
    const desk = new Desk(page);
    await desk.newTune('| Dm7 G7 | Cmaj7 A7 |');
    await desk.saved();
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.reload();
    await expect(desk.changes).toBeVisible();

    const second = await context.newPage();
    await second.goto(page.url());
    await expect(new Desk(second).changes).toBeVisible();

    // The server has a newer version now, kept by the browser as soon as it looks.
    await appendFile(join(web, 'sw.js'), '\n// A newer version.\n');
    await page.evaluate(async () => {
      await (await navigator.serviceWorker.ready).update();
    });
    const note = page.getByRole('status').filter({ hasText: 'A new version is ready' });
    await expect(note).toBeVisible();

    // What the older one was made of is gone from the server; screens that were not open yet still come.
    await rm(join(web, 'assets'), { recursive: true });
    await desk.screen('Voice');
    await expect(desk.chords.first()).toBeVisible();
    await desk.screen('Comp');
    await expect(page.locator('.lane').first()).toBeVisible();

    await note.getByRole('button', { name: 'Reload' }).click();
    await expect(note).toBeHidden();
    await expect(page.locator('.lane').first()).toBeVisible();
    await desk.saved();

    // Taken up in one tab, it is offered in the other, which stays as it is until then.
    const noteThere = second.getByRole('status').filter({ hasText: 'A new version is ready' });
    await noteThere.getByRole('button', { name: 'Reload' }).click();
    await expect(noteThere).toBeHidden();
    await expect(second.getByText('Dm7').first()).toBeVisible();
  } finally {
    for (const open of context.pages()) await open.close();
    await endServer(server, 'SIGTERM');
    await rm(web, { recursive: true, force: true });
  }
});
