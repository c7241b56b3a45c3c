/**
 * The server as ./start runs it, with a book of its own: 50 players saving at once, reading tunes, what
 * history costs a save, and the Book's first screen with 10,000 tunes. Run: scripts/bench saving.
 */
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../e2e/server';
import { House } from '../soak/house';

const CLIENTS = 50;
const SAVES = 40;
/** Saves of each before any is timed: a server that has just started is slower. */
const WARMING = 10;
const READERS = 16;
const READING_MS = 5000;
const TUNES = 10_000;

const house = new House('bench', 4719);

const print = (name: string, value: number, unit: string): void => {
  console.log(JSON.stringify({ name, value: Math.round(value * 100) / 100, unit }));
};
const at = (durations: readonly number[], part: number): number =>
  [...durations].sort((a, b) => a - b)[Math.floor((durations.length - 1) * part)] ?? 0;

const body = (n: number) => ({
  title: `Berth ${n}`,
  text: `[A]\n${'| Dm7 G7 | Cmaj7 A7 '.repeat(16)}| C6 "${n}" |`,
  ...{ key: 'C', meter: '4/4', tempo: 120, feel: 'swing' },
});

interface Made {
  readonly id: string;
  readonly places: object;
}

async function newTune(n: number): Promise<Made> {
  return (await (await house.send('POST', '/tunes', body(n))).json()) as Made;
}

/** One player who saves one tune again and again, as the page does. @returns how long each save took, in ms */
async function saver({ id, places }: Made, first = 1, saves = SAVES): Promise<number[]> {
  const durations: number[] = [];
  for (let version = first; version < first + saves; version += 1) {
    const begun = performance.now();
    const answer = await house.send('PUT', `/tunes/${id}`, {
      ...body(version * 1000),
      places,
      version,
    });
    if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
    await answer.text();
    durations.push(performance.now() - begun);
  }
  return durations;
}

async function saving(): Promise<number[]> {
  const tunes = await Promise.all(Array.from({ length: CLIENTS }, (_, n) => newTune(n)));
  await Promise.all(tunes.map((tune) => saver(tune, 1, WARMING)));
  return (await Promise.all(tunes.map((tune) => saver(tune, 1 + WARMING)))).flat();
}

async function reading(): Promise<number> {
  const { id } = await newTune(0);
  const end = performance.now() + READING_MS;
  let read = 0;
  const reader = async (): Promise<void> => {
    while (performance.now() < end) {
      await (await house.get(`/tunes/${id}`)).text();
      read += 1;
    }
  };
  await Promise.all(Array.from({ length: READERS }, reader));
  return read / (READING_MS / 1000);
}

/**
 * One player alone: how much of a save the database spends keeping how the tune was before, as it says itself.
 * @returns the share in percent
 */
async function historyShare(): Promise<number> {
  const made = await newTune(0);
  await saver(made, 1, WARMING);
  const save = at(await saver(made, 1 + WARMING), 0.5);
  await house.close();
  const update = `explain analyze update tune set text = text || ' ', version = version + 1 where id = '${made.id}';`;
  const said = house.sql(update.repeat(SAVES));
  const kept = [...said.matchAll(/Trigger tune_history: time=([\d.]+)/g)].map(([, ms]) =>
    Number(ms),
  );
  if (kept.length !== SAVES) throw new Error(`The database told of ${kept.length} saves: ${said}`);
  return (at(kept, 0.5) / save) * 100;
}

async function firstScreen(): Promise<number> {
  house.sql(`
    insert into tune (id, title, text, places, key, meter, tempo, feel, summary, version, created_at, updated_at)
    select gen_random_uuid(), 'Quay ' || n, t.text, t.places, t.key, t.meter, t.tempo, t.feel, t.summary, 1, now(), now()
    from (select * from tune limit 1) t, generate_series(1, ${TUNES}) n`);
  await house.open();
  const browser = await chromium.launch(CHROMIUM);
  const durations: number[] = [];
  for (let round = 0; round < 5; round += 1) {
    const context = await browser.newContext({ serviceWorkers: 'block' });
    const page = await context.newPage();
    const begun = performance.now();
    await page.goto(`${house.address}/book`);
    await page.locator('.book-table a').first().waitFor();
    durations.push(performance.now() - begun);
    await context.close();
  }
  await browser.close();
  return at(durations, 0.5);
}

/** From an address to the Book, by the service worker alone: the server is down. @returns in ms */
async function startWithoutServer(): Promise<number> {
  await house.open();
  const browser = await chromium.launch(CHROMIUM);
  const context = await browser.newContext();
  const first = await context.newPage();
  await first.goto(`${house.address}/book`);
  await first.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await first.locator('.book-table a').first().waitFor();
  await first.waitForTimeout(2000);
  await first.close();
  await house.close();
  const durations: number[] = [];
  for (let round = 0; round < 5; round += 1) {
    const page = await context.newPage();
    const begun = performance.now();
    await page.goto(`${house.address}/book`);
    await page.locator('.book-table a').first().waitFor();
    durations.push(performance.now() - begun);
    await page.close();
  }
  await browser.close();
  return at(durations, 0.5);
}

async function main(): Promise<void> {
  await house.raze();
  await house.open();
  const saves = await saving();
  print('50 players saving, half of the saves', at(saves, 0.5), 'ms');
  print('50 players saving, 19 of 20 saves', at(saves, 0.95), 'ms');
  print('tunes read', await reading(), 'a second');
  print('history adds to a save', await historyShare(), '%');
  print('start without the server', await startWithoutServer(), 'ms');
  print('first screen of a book of 10,000 tunes', await firstScreen(), 'ms');
  await house.raze();
}

void main();
