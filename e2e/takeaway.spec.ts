import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { standsUp } from './axe';
import { expect, test } from './desk';

async function tuneId(page: Page, title: string): Promise<string> {
  const tunes = (await (await page.request.get('/api/tunes')).json()) as {
    id: string;
    title: string;
  }[];
  return tunes.find((tune) => tune.title === title)!.id;
}

/** The page as it is printed: words of each of its sheets of paper. */
async function printed(page: Page, name: string): Promise<string[]> {
  const file = test.info().outputPath(`${name}.pdf`);
  await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
  const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
  // Every sheet ends with a form feed.
  return text.split('\f').slice(0, -1);
}

test('a lead sheet is read by a tenor in their key, and printed on one page', async ({ page }) => {
  const id = await tuneId(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/take-away`);
  const first = page.getByRole('article', { name: 'Page 1 of 1' });
  await expect(first.locator('.sheet-system')).toHaveCount(8);
  await expect(first.locator('.sheet-symbol').first()).toHaveText('B♭6');
  await page.getByRole('combobox', { name: 'Who reads it' }).click();
  await page.getByTitle('B♭ tenor saxophone').click();
  await expect(first.locator('.sheet-symbol').first()).toHaveText('C6');
  await expect(page).toHaveURL(/for=tenor\+sax/);
  const sheets = await printed(page, 'lead');
  expect(sheets).toHaveLength(1);
  expect(sheets[0]).toContain('Loose Gangway');
  expect(sheets[0]).toMatch(/B ?♭ *tenor saxophone/);
  expect(sheets[0]).toMatch(/1 ?\/ ?1/);
  expect(sheets[0]).not.toContain('Take away');
});

test('a line that lies too low for its reader is told, and moved an octave', async ({ page }) => {
  const id = await tuneId(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/take-away?sheet=roots&for=tenor+sax`);
  const note = page.locator('.outside-note');
  await expect(note).toContainText(
    /^B♭ tenor saxophone is written from B♭3 to F6: .*too low are A3 in bar 1/,
  );
  await note.getByRole('button', { name: 'Write it an octave up' }).click();
  await expect(note).toBeHidden();
});

test('a document is saved as MusicXML, plain and compressed', async ({ page }) => {
  const id = await tuneId(page, 'Half Past the Tide');
  await page.goto(`/tune/${id}/take-away?sheet=voicings`);
  await expect(page.getByRole('article').first().locator('.sheet-symbol').first()).toBeVisible();
  const save = async (kind: string): Promise<{ name: string; file: string }> => {
    const coming = page.waitForEvent('download');
    if (kind === 'MusicXML') await page.getByRole('button', { name: kind }).click();
    else {
      await page.getByRole('button', { name: 'More files' }).click();
      await page.getByRole('menuitem', { name: kind }).click();
    }
    const download = await coming;
    return { name: download.suggestedFilename(), file: await download.path() };
  };
  const plain = await save('MusicXML');
  expect(plain.name).toBe('Half Past the Tide, voicings.musicxml');
  const text = readFileSync(plain.file, 'utf8');
  expect(text).toContain('<score-partwise version="4.0">');
  expect(text).toContain('<sign>TAB</sign>');
  const packed = await save('MusicXML, compressed');
  expect(packed.name).toBe('Half Past the Tide, voicings.mxl');
  expect(readFileSync(packed.file).subarray(0, 2).toString()).toBe('PK');
  const chart = await save('Chart as text');
  expect(chart.name).toBe('Half Past the Tide.txt');
  expect(readFileSync(chart.file, 'utf8')).toMatch(/^title: Half Past the Tide\nkey: F\n/);
  const table = await save('Voicings as a table (CSV)');
  expect(table.name).toBe('Half Past the Tide, voicings.csv');
  const lines = readFileSync(table.file, 'utf8').trim().split('\r\n');
  expect(lines[0]).toMatch(/^bar,beat,chord,family,notes,degrees,frets,motion/);
  expect(lines.length).toBeGreaterThan(40);
});

test('voicings of a long tune are printed on whole pages, none of their systems cut', async ({
  page,
}) => {
  const id = await tuneId(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/take-away?sheet=voicings`);
  const pages = page.getByRole('article');
  await expect(pages.first().locator('.sheet-symbol').first()).toBeVisible();
  const count = await pages.count();
  expect(count).toBeGreaterThan(1);
  const cut = await pages.evaluateAll(
    (sheets) =>
      sheets.flatMap((sheet) => {
        const end = sheet.getBoundingClientRect().bottom - 57;
        return [...sheet.querySelectorAll('.sheet-system')].filter(
          (system) => system.getBoundingClientRect().bottom > end,
        );
      }).length,
  );
  expect(cut).toBe(0);
  const sheets = await printed(page, 'voicings');
  expect(sheets).toHaveLength(count);
  sheets.forEach((sheet, at) => {
    expect(sheet).toMatch(new RegExp(`${at + 1} ?/ ?${count}`));
  });
});

test('pages are as wide as a phone has room for', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await tuneId(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/take-away`);
  const sheet = page.getByRole('article').first();
  await expect(sheet.locator('.sheet-symbol').first()).toBeVisible();
  const box = (await sheet.boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(390);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('what is taken away stands up to the accessibility rules', async ({ page }) => {
  const id = await tuneId(page, 'Loose Gangway');
  await page.goto(`/tune/${id}/take-away?sheet=guide+tones&for=alto+sax`);
  await expect(page.getByRole('article').first().locator('.sheet-symbol').first()).toBeVisible();
  await standsUp(page, 'house');
});

test('a set is printed as one booklet: contents, then every tune on a page of its own', async ({
  page,
}) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /^Ferry, first set/ }).click();
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  const contents = page.getByRole('article', { name: /^Page 1 of/ });
  await expect(contents.locator('.booklet-title').first()).toBeVisible();
  const titles = await contents.locator('.booklet-title').allTextContents();
  expect(titles.length).toBeGreaterThan(2);
  await page.getByRole('combobox', { name: 'Who reads it' }).click();
  await page.getByTitle('E♭ alto saxophone').click();
  await expect(contents).toContainText('E♭ alto saxophone');
  const systems = page.locator('.sheet-system');
  await expect(systems.last().locator('svg')).toBeVisible();
  const sheets = await printed(page, 'booklet');
  expect(sheets.length).toBe(titles.length + 1);
  expect(sheets[0]).toContain('Ferry, first set');
  titles.forEach((title, at) => {
    expect(sheets[0]).toContain(title);
    expect(sheets[at + 1]).toContain(title);
    expect(sheets[at + 1]).toMatch(new RegExp(`${at + 2} ?/ ?${titles.length + 1}`));
  });
  for (const sheet of sheets) expect(sheet).not.toContain('Back to the set');
});

test('endings stand over the bars they are of', async ({ page }) => {
  const id = await tuneId(page, 'Rope and Ring');
  await page.goto(`/tune/${id}/take-away`);
  const system = page.locator('.sheet-system').nth(1);
  await expect(system.locator('svg')).toBeVisible();
  const frame = (await system.boundingBox())!;
  const ending = (await system.getByText('1.', { exact: true }).boundingBox())!;
  expect(ending.y).toBeGreaterThanOrEqual(frame.y - 2);
  expect(ending.y + ending.height).toBeLessThan(frame.y + 56);
});

test('a solo is written with its degrees, for a tenor too, and the comp as slashes', async ({
  page,
}) => {
  const id = await tuneId(page, 'Rope and Ring');
  await page.goto(`/tune/${id}/take-away?sheet=solo+line`);
  const degrees = page.locator('.sheet-degree');
  await expect(degrees.first()).toBeVisible();
  const concert = await degrees.allTextContents();
  expect(concert.length).toBeGreaterThan(20);
  await page.getByRole('combobox', { name: 'Who reads it' }).click();
  await page.getByTitle('B♭ tenor saxophone').click();
  await expect(page.locator('.sheet-symbol').first()).toHaveText(/^A/);
  await expect(degrees).toHaveText(concert);
  await page.getByRole('button', { name: 'Hear the line' }).click();
  await expect(page.getByRole('button', { name: 'Stop', exact: true }).first()).toBeVisible();
  await page.locator('.takeaway-bar').getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Hear the line' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Document' }).click();
  await page.getByTitle('Comp rhythm, in slashes').click();
  await expect(page.locator('.sheet-system svg').first()).toBeVisible();
  await expect(degrees).toHaveCount(0);
});

test('pages are turned on the stand by key, button and tap, of a tune and of a set', async ({
  page,
}) => {
  const id = await tuneId(page, 'Half Past the Tide');
  await page.goto(`/tune/${id}/take-away?sheet=voicings`);
  const put = page.getByRole('button', { name: 'Pages on the stand' });
  await expect(put).toBeEnabled();
  await put.click();
  const stand = page.getByRole('dialog', { name: 'Pages on the stand' });
  const where = stand.getByRole('status');
  await expect(where).toHaveText(/^page 1 of [2-9]/);
  await expect(stand.locator('.sheet-system svg').first()).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(where).not.toHaveText(/^page 1 of/);
  await stand.getByRole('button', { name: 'Back' }).click();
  await expect(where).toHaveText(/^page 1 of/);
  await stand.locator('.page-turner-pages').click();
  await expect(where).not.toHaveText(/^page 1 of/);
  const last = (await stand.boundingBox())!;
  const seen = (await stand.getByRole('article').first().boundingBox())!;
  expect(seen.y + seen.height).toBeLessThanOrEqual(last.height + 1);
  await page.keyboard.press('Escape');
  await expect(stand).toBeHidden();

  await page.goto('/book');
  await page.getByRole('link', { name: /^Ferry, first set/ }).click();
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  await page.getByRole('button', { name: 'Pages on the stand' }).click();
  await expect(stand.locator('.booklet-contents')).toBeVisible();
  await stand.getByRole('button', { name: 'Off the stand' }).click();
  await expect(stand).toBeHidden();
});
