import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { inLight, standsUp } from './axe';
import { Desk, expect, test } from './desk';

const LETTER = `> Hi all, these are for Friday:

Low Water Walk
key of B♭ minor – 3/4 – medium

A: Bbm7 | Eb7 | Abmaj7 | Dbmaj7 x2
Bridge
// bass alone here
Gm7b5 | C7b9 | Fm7 / / | Fm7

Tin Cup Two (Dm)
bossa nova, 130 bpm

Dm7 G7
Cmaj7 A7alt
D-7 GΔ
Dm6
`;

const paste = async (page: Page, text: string): Promise<void> => {
  await page.goto('/book');
  await page.getByRole('button', { name: 'Bring in' }).click();
  await page.getByRole('textbox', { name: 'Changes as text' }).fill(text);
};
const tunesRead = (page: Page) =>
  page.getByRole('list', { name: 'Tunes that were read' }).getByRole('listitem');
const readLine = (page: Page, line: number) =>
  page.getByRole('table', { name: 'What was understood, line by line' }).getByRole('row').nth(line);

test('a letter with two tunes is understood line by line, and put into the book', async ({
  page,
}) => {
  const [first, second] = [`Low Water ${Date.now()}`, `Tin Cup ${Date.now()}`];
  await paste(page, LETTER.replace('Low Water Walk', first));
  await expect(tunesRead(page)).toHaveCount(2);
  await expect(readLine(page, 1)).toContainText('Left out');
  await expect(readLine(page, 2)).toContainText(`Title “${first}”`);
  await expect(readLine(page, 4)).toContainText('|: Bbm7 | Eb7 | Abmaj7 | Dbmaj7 :|');
  await expect(tunesRead(page).nth(1)).toContainText('Dm, 4/4, 130 a minute, latin, 4 bars');
  await tunesRead(page).nth(1).getByRole('textbox', { name: 'Title' }).fill(second);
  await page.getByRole('button', { name: 'Put 2 tunes into the book' }).click();
  await expect(page.getByText('2 tunes are in the book')).toBeVisible();
  await page.getByRole('link', { name: first, exact: true }).click();
  await page.getByRole('link', { name: 'Voice', exact: true }).click();
  const desk = new Desk(page);
  await expect(desk.chords.first()).toBeVisible();
  await page.goBack();
  await page.goto('/book');
  await expect(page.getByRole('link', { name: second, exact: true })).toBeVisible();
});

test.describe('one chorus in three habits', () => {
  const CHORUS = '| Dm7 G7 | Cmaj7 | Fmaj7 | E7b9 |';
  for (const [habit, text] of [
    ['without outer bar lines', 'Dm7 G7 | CΔ | Fmaj7 | E7♭9'],
    ['in beats', 'D-7 / G7 / | Cmaj7 / / / | Fmaj7 / / / | E7b9 / / /'],
    ['a bar a line', 'Dm7 G7\nCmaj7\nFmaj7\nE7(b9)'],
  ] as const) {
    test(`written ${habit}`, async ({ page }) => {
      await paste(page, `Habit\n${text}`);
      await expect(tunesRead(page)).toHaveCount(1);
      await page.getByRole('textbox', { name: 'Title' }).fill(`Habit ${habit}`);
      await page.getByRole('button', { name: 'Put it into the book' }).click();
      await expect(page).toHaveURL(/\/tune\/.*\/chart/);
      const id = /tune\/([^/]+)/.exec(page.url())?.[1] ?? '';
      const tune = (await (await page.request.get(`/api/tunes/${id}`)).json()) as { text: string };
      const plain = tune.text
        .replace('CΔ', 'Cmaj7')
        .replace('D-7', 'Dm7')
        .replace(/[(♭)]/g, (sign) => (sign === '♭' ? 'b' : ''));
      expect(plain).toBe(CHORUS);
    });
  }
});

test('MusicXML that was taken away is brought in again, and what is no file of music is told', async ({
  page,
}) => {
  const again = `Ring ${Date.now()}`;
  const desk = new Desk(page);
  await desk.openTune('Rope and Ring');
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  await expect(page.locator('.sheet-system svg').first()).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'MusicXML' }).click();
  const path = await (await download).path();
  await page.goto('/bring-in');
  const chooser = page.waitForEvent('filechooser');
  await page.getByText('Choose files, or drop them here').click();
  await (
    await chooser
  ).setFiles([
    { name: 'Ring.musicxml', mimeType: 'application/xml', buffer: readFileSync(path) },
    {
      name: 'photo.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from([137, 80, 78, 71, 0, 1, 2, 3]),
    },
  ]);
  await expect(page.getByText('photo.txt cannot be read')).toBeVisible();
  await expect(tunesRead(page)).toHaveCount(1);
  await expect(tunesRead(page)).toContainText('3/4, 148 a minute, waltz');
  await expect(tunesRead(page)).toContainText('The book has a tune of this title already.');
  await page.getByRole('textbox', { name: 'Title' }).fill(again);
  await page.getByRole('button', { name: 'Put it into the book' }).click();
  await expect(page.getByText('One tune is in the book')).toBeVisible();
  const id = /tune\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const text = async (of: string) =>
    ((await (await page.request.get(`/api/tunes/${of}`)).json()) as { text: string }).text;
  const all = (await (await page.request.get('/api/tunes')).json()) as {
    id: string;
    title: string;
  }[];
  const first = all.find(({ title }) => title === 'Rope and Ring')?.id ?? '';
  // Line ends fall where the file has them: four bars a line.
  const bars = (chart: string) =>
    chart
      .replace(/^[a-z]+:.*$/gm, '')
      .replace(/\s*\|\s*/g, '|')
      .replace(/\|+/g, '|')
      .trim();
  expect(bars(await text(id))).toBe(bars(await text(first)));
  await page.getByRole('button', { name: 'Take it out again' }).click();
  await expect
    .poll(async () => {
      const now = (await (await page.request.get('/api/tunes')).json()) as { title: string }[];
      return now.some(({ title }) => title === again);
    })
    .toBe(false);
});

test('a server that is away makes nothing by halves, and the text stays', async ({
  page,
  quiet,
}) => {
  quiet.allow(/ERR_FAILED|Failed to load resource/);
  await paste(page, 'Away\nDm7 | G7');
  await expect(tunesRead(page)).toHaveCount(1);
  await page.route('**/api/incoming', (route) => route.abort());
  await page.getByRole('button', { name: 'Put it into the book' }).click();
  await expect(page.getByText('Nothing was put into the book')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Changes as text' })).toHaveValue(
    'Away\nDm7 | G7',
  );
});

for (const light of ['house', 'stage'] as const) {
  test(`bringing in stands up to the accessibility rules in ${light} light`, async ({ page }) => {
    await inLight(page, light);
    await paste(page, LETTER.replace('D-7', 'D-7x'));
    await expect(tunesRead(page)).toHaveCount(2);
    await standsUp(page, light);
  });
}
