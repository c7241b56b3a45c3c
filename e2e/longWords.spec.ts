import { A_DAY, type SetView, type TuneView } from '@drop-close/core';
import type { Page } from '@playwright/test';
import { expect, test } from './desk';
import { everyScreen, goTo, over, rowsOver } from './screens';

/** Letters without a place to break them, as a title in many a language has. */
const WORD = 'Frühlingsabendhafenlaternenwärterlied';
const SAID = 'only the bass and the soloist until the bridge, then everyone softly';

const TODAY = new Date().toISOString().slice(0, 10);

interface Made {
  readonly tune: TuneView;
  readonly set: SetView;
  /** Of the logbook. */
  readonly entry: string;
}

/** A tune and a set whose names, sections and words are long. */
async function longNamed(page: Page): Promise<Made> {
  const data = {
    ...{ title: WORD, key: 'F', meter: '4/4', tempo: 120, feel: 'swing' },
    text: `[${WORD}]\n| "${WORD}" Fmaj7 | Gm7 | Am7 | "${SAID}" D7 |\n| Gm7 | C7 | F6 | "${SAID}" C7 |\n`,
  };
  const tune = (await (await page.request.post('/api/tunes', { data })).json()) as TuneView;
  expect(tune.problems).toBe(0);
  const named = { name: WORD, tuneIds: [tune.id] };
  const set = (await (await page.request.post('/api/sets', { data: named })).json()) as SetView;
  const review = {
    ...{ id: crypto.randomUUID(), item: `layer / roots / ${tune.id}`, kind: 'review' },
    ...{ at: Date.now() - 9 * A_DAY, grade: 'again' },
  };
  await page.request.post('/api/practice/notes', { data: { notes: [review] } });
  const entry = { id: crypto.randomUUID(), day: TODAY, minutes: 5, what: WORD, notes: WORD };
  const kept = await page.request.post('/api/practice/log', { data: { entries: [entry] } });
  expect(kept.status()).toBe(201);
  return { tune, set, entry: entry.id };
}

async function throwAway(page: Page, { tune, set, entry }: Made): Promise<void> {
  await page.request.delete(`/api/practice/log/${entry}`);
  await page.request.delete(`/api/sets/${set.id}`);
  await page.request.delete(`/api/tunes/${tune.id}`);
}

for (const faces of ['with its faces', 'before its faces are there']) {
  for (const [name, width] of [
    ['a phone with large type', 320],
    ['a phone', 390],
    ['a tablet', 820],
  ] as const) {
    test(`on ${name}, ${faces}, no screen is too wide for titles, sections and remarks that are long`, async ({
      page,
      quiet,
    }) => {
      if (faces !== 'with its faces') {
        quiet.allow(/Failed to load resource: net::ERR_FAILED/);
        await page.route(/\.woff2?$/, (route) => route.abort());
      }
      await page.setViewportSize({ width, height: 1000 });
      const made = await longNamed(page);
      const [tune, set] = [`/tune/${made.tune.id}`, `/set/${made.set.id}`];
      const ofSet = [`/book?set=${made.set.id}`, '.book-table tbody tr'] as const;
      for (const screen of [ofSet, ...(await everyScreen(page, { tune, set }))]) {
        await goTo(page, screen);
        expect([screen, await over(page), await rowsOver(page)]).toEqual([screen, 0, []]);
      }
      await throwAway(page, made);
      await page.goto('/book');
      await page.getByRole('button', { name: 'Thrown away' }).click();
      const sheet = page.getByRole('dialog');
      await expect(sheet.getByText(WORD).first()).toBeVisible();
      expect(await sheet.evaluate((each) => each.scrollWidth - each.clientWidth)).toBe(0);
      expect(await over(page)).toBe(0);
    });
  }
}

test('what is said over a bar is read whole: on the chart, on the stand and on paper', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const made = await longNamed(page);
  const tune = `/tune/${made.tune.id}`;
  for (const [screen, said, many] of [
    ['chart', '.bar-words', 3],
    ['stand', '.phrase-head i', 3],
  ] as const) {
    await page.goto(`${tune}/${screen}`);
    const words = page.locator(said);
    await expect(words).toHaveCount(many);
    const cut = await words.evaluateAll(
      (all) =>
        all.filter((each) => {
          const { left, right } = each.getBoundingClientRect();
          const box = each.closest('.sheet-bar, .phrase-bar')!.getBoundingClientRect();
          return left < box.left || right > box.right + 1;
        }).length,
    );
    expect([screen, cut]).toEqual([screen, 0]);
    await expect(words.last()).toHaveText(SAID);
    // Symbols of a line stand level, whatever is said over one of them.
    const tops = await page
      .locator('.sheet-bar .slot, .phrase-now .phrase-symbol')
      .evaluateAll((all) => all.map((each) => each.getBoundingClientRect().top));
    expect(new Set(tops.slice(2, 4)).size).toBe(1);
  }
  for (const size of ['small', 'medium', 'large']) {
    await page.addInitScript((chosen) => {
      const look = { paper: 'A4', perLine: 4, size: chosen, numbers: false };
      localStorage.setItem('drop-close paper', JSON.stringify({ state: look, version: 0 }));
    }, size);
    for (const sheet of ['lead sheet', 'comp', 'voicings']) {
      await page.goto(`${tune}/take-away?sheet=${sheet}`);
      await expect(page.locator('.sheet-system svg').first()).toBeVisible();
      await expect(page.locator('.sheet-system:not(:has(svg))')).toHaveCount(0);
      const rows = page.locator('.sheet-words');
      const off = await rows.evaluateAll(
        (all) =>
          all.filter((row) => {
            const { left, right, top } = row.getBoundingClientRect();
            const edge = row.closest('.sheet-system')!.getBoundingClientRect();
            return left < edge.left - 1 || right > edge.right + 1 || top < edge.top - 1;
          }).length,
      );
      expect([size, sheet, off]).toEqual([size, sheet, 0]);
      const read = (await rows.allTextContents()).join(' ');
      expect(read.replaceAll(WORD, '').trim().split(SAID)).toHaveLength(3);
    }
  }
  await throwAway(page, made);
});
