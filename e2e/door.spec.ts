import { expect, test } from './desk';
import { SPARE_PORT, endServer, startServer } from './server';

test.use({ baseURL: `http://127.0.0.1:${SPARE_PORT}` });

const PASSPHRASE = 'slack water at nine';

test('a passphrase is set, asked for, refused when wrong, and opens when right', async ({
  page,
  browser,
  quiet,
}) => {
  quiet.allow(/40[13]|ERR_CONNECTION/);
  const server = await startServer(SPARE_PORT);
  try {
    await page.goto('/book');
    const sheet = page.getByRole('dialog', { name: 'Passphrase' });
    const openSheet = async (): Promise<void> => {
      await page.getByRole('button', { name: 'Passphrase' }).click();
    };
    await openSheet();
    await sheet.getByLabel(/^New passphrase/).fill(PASSPHRASE);
    await sheet.getByRole('button', { name: 'Set the passphrase' }).click();
    await expect(page.getByText('The book has a new passphrase')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();

    const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await other.goto(`http://127.0.0.1:${SPARE_PORT}/book`);
    await expect(other.getByRole('heading', { name: 'This book has a passphrase' })).toBeVisible();
    await other.getByLabel('Passphrase').fill('slack water at ten');
    await other.getByRole('button', { name: 'Open the book' }).click();
    await expect(other.getByText('That is not the passphrase of this book.')).toBeVisible();
    await other.getByLabel('Passphrase').fill(PASSPHRASE);
    await other.getByRole('button', { name: 'Open the book' }).click();
    await expect(other.getByRole('heading', { name: 'The book' })).toBeVisible();

    await openSheet();
    await sheet.getByLabel('Passphrase now').fill(PASSPHRASE);
    await sheet.getByRole('button', { name: 'Remove the passphrase' }).click();
    await expect(page.getByText('The book has no passphrase any more')).toBeVisible();
  } finally {
    // Other tests of this worker open the same book.
    await page.request.delete('/api/door', { data: { passphrase: PASSPHRASE } });
    await endServer(server, 'SIGTERM');
  }
});
