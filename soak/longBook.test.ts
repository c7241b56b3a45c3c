import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { House } from './house';

const house = new House('long-book', 4718);
const TUNES = 10_000;

beforeAll(async () => {
  await house.raze();
  await house.open();
  await house.close();
  house.sql(`
    insert into tune (id, title, text, places, key, meter, tempo, feel, summary, version, created_at, updated_at)
    select gen_random_uuid(), 'Berth ' || lpad(n::text, 5, '0'), t.text, t.places, t.key, t.meter, t.tempo, t.feel,
      t.summary, 1, now(), now()
    from (select * from tune limit 1) t, generate_series(1, ${TUNES}) n`);
  await house.open();
}, 180_000);
afterAll(() => house.raze(), 60_000);

it('a book of ten thousand tunes comes in pages: every tune once, by title, each answer under a megabyte', async () => {
  const titles: string[] = [];
  let after = '';
  for (;;) {
    const text = await (await house.get(`/tunes${after}`)).text();
    expect(text.length).toBeLessThan(1_000_000);
    const page = JSON.parse(text) as { id: string; title: string }[];
    titles.push(...page.map(({ title }) => title));
    if (page.length < 500) break;
    after = `?after=${page.at(-1)!.id}`;
  }
  expect(titles).toHaveLength(TUNES + 12);
  expect(titles).toEqual([...titles].sort());
  expect(new Set(titles).size).toBe(TUNES + 12);
}, 60_000);

it('it is on the screen with few nodes, searched to its last tune, and scrolled to its end', async () => {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ serviceWorkers: 'block' });
    await page.goto(`${house.address}/book`);
    await page.getByRole('link', { name: 'Berth 00001' }).waitFor();
    await page.locator(`table[aria-rowcount="${TUNES + 12}"]`).waitFor({ timeout: 60_000 });
    const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
    expect(nodes).toBeLessThan(5000);
    await page.evaluate(() => {
      window.scrollTo(0, document.body.scrollHeight);
    });
    await page.getByRole('link', { name: 'Two Buoys' }).waitFor();
    await page.getByRole('textbox', { name: 'Search the book' }).fill('berth 09999');
    await page.getByRole('link', { name: 'Berth 09999' }).waitFor();

    // Before the rest of the list is there, too.
    const early = await browser.newPage({ serviceWorkers: 'block' });
    await early.route(/after=/, () => undefined);
    await early.goto(`${house.address}/book`);
    await early.getByRole('textbox', { name: 'Search the book' }).fill('09998 berth');
    await early.getByRole('link', { name: 'Berth 09998' }).waitFor();
  } finally {
    await browser.close();
  }
}, 120_000);
