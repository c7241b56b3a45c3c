import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { ARRANGEMENT_VERSION, defaultArrangement, type TuneView } from '@drop-close/core';
import type { Page } from '@playwright/test';
import { standsUp } from './axe';
import { demoTunes } from './demoTunes';
import { expect, saved, test } from './desk';
import { tunePath } from './screens';

/** The page as it is printed: words of each of its sheets of paper. */
async function printed(page: Page, name: string): Promise<string[]> {
  const file = test.info().outputPath(`${name}.pdf`);
  await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
  const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
  // Every sheet ends with a form feed.
  return text.split('\f').slice(0, -1);
}

test('a lead sheet is read by a tenor in their key, and printed on one page', async ({ page }) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away`);
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
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=roots&for=tenor+sax`);
  const note = page.locator('.outside-note');
  await expect(note).toContainText(
    /^B♭ tenor saxophone is written from B♭3 to F6: .*too low are A3 in bar 1/,
  );
  await note.getByRole('button', { name: 'Write it an octave up' }).click();
  await expect(note).toBeHidden();
});

test('a document is saved as MusicXML, plain and compressed', async ({ page }) => {
  const tune = await tunePath(page, 'Half Past the Tide');
  await page.goto(`${tune}/take-away?sheet=voicings`);
  await expect(page.getByRole('article').first().locator('.sheet-symbol').first()).toBeVisible();
  const plain = await saved(page, 'MusicXML');
  expect(plain.name).toBe('Half Past the Tide, voicings.musicxml');
  const text = readFileSync(plain.file, 'utf8');
  expect(text).toContain('<score-partwise version="4.0">');
  expect(text).toContain('<sign>TAB</sign>');
  const packed = await saved(page, 'MusicXML, compressed');
  expect(packed.name).toBe('Half Past the Tide, voicings.mxl');
  expect(readFileSync(packed.file).subarray(0, 2).toString()).toBe('PK');
  const chart = await saved(page, 'Chart as text');
  expect(chart.name).toBe('Half Past the Tide.txt');
  expect(readFileSync(chart.file, 'utf8')).toMatch(/^title: Half Past the Tide\nkey: F\n/);
  const table = await saved(page, 'Voicings as a table (CSV)');
  expect(table.name).toBe('Half Past the Tide, voicings.csv');
  const lines = readFileSync(table.file, 'utf8').trim().split('\r\n');
  expect(lines[0]).toMatch(/^bar,beat,chord,family,notes,degrees,frets,motion/);
  expect(lines.length).toBeGreaterThan(40);
});

test('voicings of a long tune are printed on whole pages, none of their systems cut', async ({
  page,
}) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=voicings`);
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
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away`);
  const sheet = page.getByRole('article').first();
  await expect(sheet.locator('.sheet-symbol').first()).toBeVisible();
  const box = (await sheet.boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(390);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('what is taken away stands up to the accessibility rules', async ({ page }) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=guide+tones&for=alto+sax`);
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
  for (const sheet of sheets) expect(sheet).not.toContain('Pages on the stand');
});

test('endings stand over the bars they are of', async ({ page }) => {
  const tune = await tunePath(page, 'Rope and Ring');
  await page.goto(`${tune}/take-away`);
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
  const tune = await tunePath(page, 'Rope and Ring');
  await page.goto(`${tune}/take-away?sheet=solo+line`);
  const degrees = page.locator('.sheet-degree');
  await expect(degrees.first()).toBeVisible();
  await expect(page.locator('.sheet-system:not(:has(svg))')).toHaveCount(0);
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
  const tune = await tunePath(page, 'Half Past the Tide');
  await page.goto(`${tune}/take-away?sheet=voicings`);
  const put = page.getByRole('button', { name: 'Pages on the stand' });
  await expect(put).toBeEnabled();
  await put.click();
  const stand = page.getByRole('dialog', { name: 'Pages on the stand' });
  const where = stand.getByRole('status');
  await expect(where).toHaveText(/^pages? 1 .*of [2-9]/);
  await expect(stand.locator('.sheet-system svg').first()).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(where).not.toHaveText(/^pages? 1 /);
  await stand.getByRole('button', { name: 'Back' }).click();
  await expect(where).toHaveText(/^pages? 1 /);
  await stand.locator('.page-turner-pages').click();
  await expect(where).not.toHaveText(/^pages? 1 /);
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

test('the threads are printed, and saved as a picture that is whole in itself', async ({
  page,
}) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=threads`);
  const pictures = page.getByRole('article').getByRole('img', { name: /^Threads of bars/ });
  await expect(pictures.first()).toBeVisible();
  const sheets = await printed(page, 'threads');
  expect(sheets).toHaveLength(await pictures.count());
  expect(sheets[0]).toMatch(/half step .*whole step .*leap/);
  expect(sheets[0]).toMatch(/B ?♭ ?6/);
  const { name, file } = await saved(page, 'Picture (SVG)');
  expect(name).toBe('Loose Gangway, threads.svg');
  execFileSync('xmllint', ['--noout', '--nonet', file]);
  const text = readFileSync(file, 'utf8');
  // 32 bars in lines of four, each with a head of its own; nothing of the page's style is needed.
  expect(text.match(/>\d+<(?:tspan|\/text)/g)?.length).toBeGreaterThanOrEqual(32);
  expect(text).not.toMatch(/class=|var\(--|href=/);
});

test('a page of scales has a number under every chord, and is larger where it is asked to be', async ({
  page,
}) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=scales`);
  const first = page.getByRole('article').first();
  await expect(first.locator('.sheet-words').first()).toHaveText('B♭ Ionian');
  await expect(page.locator('.sheet-system:not(:has(svg))')).toHaveCount(0);
  const chords = first.locator('.sheet-symbol');
  await expect(first.locator('.sheet-numeral')).toHaveCount(await chords.count());
  const noteHeight = async (): Promise<number> =>
    first
      .locator('.vf-notehead')
      .first()
      .evaluate((head) => head.getBoundingClientRect().height);
  const before = await noteHeight();
  await page.getByRole('button', { name: /^Page:/ }).click();
  await page.getByRole('radiogroup', { name: 'Size of notes' }).getByText('Large').click();
  await expect.poll(async () => (await noteHeight()) / before).toBeCloseTo(1.25, 1);
  const { file } = await saved(page, 'MIDI of this document');
  const read = execFileSync('/usr/bin/python3', [
    '-c',
    `import mido,sys
song = mido.MidiFile(sys.argv[1])
print(sum(1 for t in song.tracks for m in t if m.type == 'note_on' and m.velocity))`,
    file,
  ]).toString();
  // Eight notes a chord.
  expect(Number(read) % 8).toBe(0);
  expect(Number(read)).toBeGreaterThan(80);
});

test('numbers stand under the chords of a lead sheet where they are asked for, and it is remembered', async ({
  page,
}) => {
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away`);
  await expect(page.locator('.sheet-symbol').first()).toBeVisible();
  await expect(page.locator('.sheet-numeral')).toHaveCount(0);
  await page.getByRole('button', { name: /^Page:/ }).click();
  await page.getByRole('checkbox', { name: 'Numbers under the chords' }).check();
  await expect(page.locator('.sheet-numeral').nth(1)).toHaveText('V7/ii');
  await page.reload();
  await expect(page.locator('.sheet-numeral').nth(1)).toHaveText('V7/ii');
});

test('a melody is on the lead sheet of a tenor, with its chords and without degrees', async ({
  page,
}) => {
  const tune = await tunePath(page, 'Half Past the Tide');
  await page.goto(`${tune}/take-away?sheet=melody&for=tenor+sax`);
  await expect(page.getByRole('combobox', { name: 'Which line' })).toBeVisible();
  await expect(page.locator('.sheet-symbol').first()).toHaveText('Gmaj7');
  await expect(page.locator('.sheet-degree')).toHaveCount(0);
  await page.getByRole('button', { name: 'Hear the line' }).click();
  await expect(page.getByRole('main').getByRole('button', { name: 'Stop' })).toBeVisible();
});

test('a set is written out in voicings, tune after tune, and saved as files for any notation program', async ({
  page,
}) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /^Ferry, first set/ }).click();
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  const contents = page.getByRole('article', { name: /^Page 1 of/ });
  await expect(contents.locator('.booklet-title').first()).toBeVisible();
  await page.getByRole('combobox', { name: 'Document' }).click();
  await page.getByTitle('Voicings', { exact: true }).click();
  await expect(contents).toContainText('Voicings');
  await expect(contents.locator('.booklet-title').first()).toBeVisible();
  const titles = await contents.locator('.booklet-title').allTextContents();
  const { name, file } = await saved(page, 'MusicXML');
  expect(name).toBe('Ferry, first set, Voicings.zip');
  const names = execFileSync('python3', ['-m', 'zipfile', '-l', file]).toString();
  titles.forEach((title, at) => {
    expect(names).toContain(`${at + 1} ${title}.musicxml`);
  });
});

test('everyone in the band gets their parts of a set, in one archive with a folder for each', async ({
  page,
}) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /^Ferry, first set/ }).click();
  await page.getByRole('link', { name: 'Take away', exact: true }).click();
  const contents = page.getByRole('article', { name: /^Page 1 of/ });
  await expect(contents.locator('.booklet-title').first()).toBeVisible();
  const titles = await contents.locator('.booklet-title').allTextContents();
  await page.getByRole('button', { name: 'Everyone’s parts' }).click();
  const readers = page.getByRole('group', { name: 'Who needs parts?' });
  await readers.getByRole('checkbox', { name: 'B♭ trumpet' }).uncheck();
  await readers.getByRole('checkbox', { name: 'Trombone' }).check();
  await page.getByRole('button', { name: 'Make the parts' }).click();
  const ready = page.getByRole('link', { name: 'Save the parts: Ferry, first set, Lead sheet' });
  const download = page.waitForEvent('download');
  await ready.click();
  const file = await (await download).path();
  const names = execFileSync('python3', ['-m', 'zipfile', '-l', file]).toString();
  expect(titles.length).toBeGreaterThan(3);
  titles.forEach((title, at) => {
    for (const folder of ['Concert pitch', 'B♭ tenor saxophone', 'Trombone']) {
      expect(names).toContain(`${folder}/${at + 1} ${title}.musicxml`);
    }
  });
  expect(names).not.toContain('trumpet');
  await page.getByRole('button', { name: /^Throw the parts away/ }).click();
  await expect(ready).toBeHidden();
});

/** Lines in which a notehead, a symbol, a number or a remark lies on the next, or beyond the line that ends them. */
const TOUCHING = (
  sheet: string,
): string => `[...document.querySelectorAll('.sheet-system')].flatMap((system) => {
  const edge = system.querySelector('svg').getBoundingClientRect().right;
  const boxes = (kind) => [...system.querySelectorAll(kind)].map((each) => each.getBoundingClientRect());
  const heads = boxes('.vf-notehead');
  // Heads of a chord may stand beside one another, and so may those of two staves.
  const isOnNext = (head, at) =>
    ${LINES.has(sheet)} && heads[at + 1]?.left > head.left && heads[at + 1].left < head.left + head.width * 0.75;
  const touching = heads.filter((head, at) => isOnNext(head, at) || head.right > edge + 1);
  const words = ['.sheet-symbol', '.sheet-numeral', '.sheet-section, .sheet-words'].flatMap((kind) => {
    const along = boxes(kind).sort((one, other) => one.left - other.left);
    return along.filter((each, at) => each.right > (along[at + 1]?.left ?? edge));
  });
  return [...touching, ...words].map(() => system.getAttribute('aria-label'));
})`;
const LINES = new Set(['melody', 'scales', 'arpeggios']);
const SHEETS = [
  ['small', ['scales', 'arpeggios'], 2000, 500],
  ['large', ['lead sheet', 'melody', 'comp', 'voicings', 'scales', 'arpeggios'], 3000, 1500],
] as const;

for (const [size, sheets, heads, symbols] of SHEETS) {
  test(`in ${size} documents of every demo tune no note, symbol, number or remark lies on the next`, async ({
    page,
  }) => {
    const tunes = await demoTunes(page);
    expect(tunes.length).toBeGreaterThanOrEqual(12);
    const seen = { heads: 0, symbols: 0 };
    await page.addInitScript((chosen) => {
      const look = { paper: 'A4', perLine: 4, size: chosen, numbers: chosen === 'large' };
      localStorage.setItem('drop-close paper', JSON.stringify({ state: look, version: 0 }));
    }, size);
    for (const { id, title } of tunes) {
      for (const sheet of sheets) {
        await page.goto(`/tune/${id}/take-away?sheet=${sheet}`);
        // Not every tune has a line: the page says so in place of it.
        const written = page.locator('.sheet-system svg').or(page.getByText('no solo line yet'));
        await expect(written.first()).toBeVisible();
        await expect(page.locator('.sheet-system:not(:has(svg))')).toHaveCount(0);
        const touching = await page.evaluate<string[]>(TOUCHING(sheet));
        expect([title, sheet, ...touching]).toEqual([title, sheet]);
        seen.heads += await page.locator('.vf-notehead').count();
        seen.symbols += await page.locator('.sheet-symbol').count();
      }
    }
    expect(seen.heads).toBeGreaterThan(heads);
    expect(seen.symbols).toBeGreaterThan(symbols);
  });
}

test('in comp parts of every demo tune, filled with hits on keys, nothing lies on the next', async ({
  page,
}) => {
  const { request } = page;
  await page.addInitScript(() => {
    const look = { paper: 'A4', perLine: 4, size: 'large', numbers: true };
    localStorage.setItem('drop-close paper', JSON.stringify({ state: look, version: 0 }));
  });
  const setup = {
    ...{ ...defaultArrangement, version: ARRANGEMENT_VERSION },
    ...{ instrument: 'keyboard', families: ['rootless'] },
  };
  let symbols = 0;
  for (const { id, title } of await demoTunes(page)) {
    // A tune of its own, so that the demo stays what it is.
    const demo = (await (await request.get(`/api/tunes/${id}`)).json()) as TuneView;
    const { key, meter, tempo, feel, text } = demo;
    const data = { title: `${title}, comped`, key, meter, tempo, feel, text };
    const own = (await (await request.post('/api/tunes', { data })).json()) as TuneView;
    const kept = await request.post(`/api/tunes/${own.id}/arrangements`, {
      data: { name: 'Comped', setup },
    });
    expect([title, kept.ok() || (await kept.text())]).toEqual([title, true]);
    await page.goto(`/tune/${own.id}/comp`);
    await expect(page.locator('.lane').first()).toBeVisible();
    await page.getByRole('button', { name: 'Fill with patterns' }).click();
    await expect(page.locator('.hit').first()).toBeVisible();
    await page.getByRole('link', { name: 'Take away', exact: true }).click();
    await page.getByRole('combobox', { name: 'Document' }).click();
    await page.getByTitle('Comp part', { exact: true }).click();
    await expect(page.locator('.sheet-system .vf-stavenote').first()).toBeVisible();
    await expect(page.locator('.sheet-system:not(:has(svg))')).toHaveCount(0);
    const touching = await page.evaluate<string[]>(TOUCHING('comp'));
    expect([title, ...touching]).toEqual([title]);
    symbols += await page.locator('.sheet-symbol').count();
    await request.delete(`/api/tunes/${own.id}`);
  }
  expect(symbols).toBeGreaterThan(300);
});

test('printing waits until every page is drawn', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => {
      const all = [...document.querySelectorAll('.sheet-system')];
      const drawn = all.filter((each) => each.querySelector('svg'));
      document.body.dataset['printed'] = `${drawn.length} of ${all.length}`;
    };
  });
  const tune = await tunePath(page, 'Loose Gangway');
  await page.goto(`${tune}/take-away?sheet=voicings`);
  const button = page.getByRole('button', { name: 'Print', exact: true });
  await button.click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /^(\d+) of \1$/);
  expect(await page.locator('body').getAttribute('data-printed')).not.toMatch(/^0 /);
});
