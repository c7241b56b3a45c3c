import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { inLight, standsUp } from './axe';
import { expect, test } from './desk';
import { endServer, SPARE_PORT, startEmpty } from './server';

interface Listed {
  readonly id: string;
  readonly title: string;
}
const tunes = async (page: Page): Promise<Listed[]> =>
  (await (await page.request.get('/api/tunes')).json()) as Listed[];

async function saved(page: Page): Promise<Buffer> {
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the whole book' }).click();
  const download = await coming;
  expect(download.suggestedFilename()).toMatch(/^Drop Close book, \d{4}-\d{2}-\d{2}\.zip$/);
  return readFileSync(await download.path());
}
async function open(page: Page, bytes: Buffer): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByText('Choose the .zip of a book').click();
  await (
    await chooser
  ).setFiles([{ name: 'book.zip', mimeType: 'application/zip', buffer: bytes }]);
}

test('the whole book goes out, and comes back: what is gone is new, what is changed is chosen, and the file is the same again', async ({
  page,
}) => {
  await page.goto('/book');
  await page.getByRole('button', { name: 'Whole book' }).click();
  const first = await saved(page);

  // One tune is thrown away, one is changed.
  const [gone, changed] = await tunes(page);
  await page.request.delete(`/api/tunes/${gone!.id}`);
  const whole = (await (await page.request.get(`/api/tunes/${changed!.id}`)).json()) as Record<
    string,
    unknown
  >;
  const { title, text, places, key, meter, feel, version } = whole;
  const save = { ...{ title, text, places, key, meter, feel, version }, tempo: 200 };
  expect((await page.request.put(`/api/tunes/${changed!.id}`, { data: save })).ok()).toBe(true);

  await open(page, first);
  const holds = page.getByRole('region', { name: 'What book.zip holds' });
  const fresh = holds.getByRole('group', { name: 'Not in your book' });
  await expect(fresh.getByRole('checkbox', { name: gone!.title })).toBeChecked();
  const different = holds.getByRole('group', { name: /^Different in your book/ });
  const other = different.getByRole('checkbox', { name: changed!.title });
  await expect(other).not.toBeChecked();
  await other.check();
  await holds.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText('It is in the book')).toBeVisible();

  const again = await saved(page);
  expect(Buffer.compare(again, first)).toBe(0);
  await open(page, again);
  await expect(holds).toContainText(/\d+ are the same in your book/);
  await expect(fresh).toBeHidden();
});

test('the whole book goes into an empty database, and comes out of it byte for byte', async ({
  page,
}) => {
  await page.goto('/whole-book');
  const book = await saved(page);
  const titles = (await tunes(page)).map(({ title }) => title);
  const server = await startEmpty();
  try {
    await page.goto(`http://127.0.0.1:${SPARE_PORT}/whole-book`);
    await open(page, book);
    const holds = page.getByRole('region', { name: 'What book.zip holds' });
    await holds.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByText('It is in the book')).toBeVisible();
    expect(Buffer.compare(await saved(page), book)).toBe(0);
    await page.goto(`http://127.0.0.1:${SPARE_PORT}/book`);
    for (const title of titles.slice(0, 12)) {
      // Tests name tunes alike.
      const link = page.getByRole('link', { name: title, exact: true }).first();
      await expect(link).toBeVisible();
    }
  } finally {
    await page.goto('about:blank');
    await endServer(server, 'SIGTERM');
  }
});

test('a file that is no book is told, and nothing changes', async ({ page }) => {
  await page.goto('/whole-book');
  await open(page, Buffer.from('PK hello'));
  await expect(
    page.getByText('book.zip: This archive is damaged and cannot be opened.'),
  ).toBeVisible();
});

for (const light of ['house', 'stage'] as const) {
  test(`the whole book stands up to the accessibility rules in ${light} light`, async ({
    page,
  }) => {
    await inLight(page, light);
    await page.goto('/whole-book');
    await expect(page.getByRole('button', { name: 'Save the whole book' })).toBeEnabled();
    await standsUp(page, light);
  });
}
