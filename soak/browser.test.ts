import { chromium, type BrowserContext } from '@playwright/test';
import { join } from 'node:path';
import { CHROMIUM } from '../e2e/server';
import { House, ROUNDS, processFile, processes } from './house';

const house = new House('browser', 4717);
/** A browser takes seconds to start: a tenth of the rounds. */
const KILLS = Math.max(2, Math.round(ROUNDS / 10));

beforeAll(async () => {
  await house.raze();
  await house.open();
}, 120_000);
afterAll(() => house.raze(), 60_000);

const profile = (): string => join(house.folder, 'profile');
const open = (): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile(), { ...CHROMIUM, serviceWorkers: 'block' });

/** Ends the browser of the profile without a word, all its processes at once. */
function killBrowser(): void {
  const ours = processes((pid) => processFile(pid, 'cmdline').includes(profile()));
  for (const pid of ours) {
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It went with another.
    }
  }
}

const BODY = { title: 'Hatch', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };

it.each([
  ['up', false],
  ['down', true],
])(
  `what was typed a second before the browser was killed is there again, the server %s: ${KILLS} rounds`,
  async (_, isDown) => {
    const made = await house.send('POST', '/tunes', { ...BODY, text: '| C6 |' });
    const { id } = (await made.json()) as { id: string };
    for (let round = 0; round < KILLS; round += 1) {
      const text = `| C6 | "${isDown ? 'down' : 'up'} ${round}" F6 |`;
      const browser = await open();
      const page = await browser.newPage();
      await page.goto(`${house.address}/tune/${id}/chart`);
      const changes = page.getByRole('textbox', { name: 'Changes' });
      await changes.waitFor();
      await page.locator('.save-note').filter({ hasText: 'saved' }).waitFor();
      if (isDown) house.kill('start', 'server');
      await changes.fill(text);
      await page.waitForTimeout(1000);
      killBrowser();
      await browser.close().catch(() => undefined);
      if (isDown) await house.open();

      const again = await open();
      const next = await again.newPage();
      await next.goto(`${house.address}/tune/${id}/chart`);
      const field = next.getByRole('textbox', { name: 'Changes' });
      await field.filter({ hasText: `${isDown ? 'down' : 'up'} ${round}` }).waitFor();
      await next.locator('.save-note').filter({ hasText: 'saved' }).waitFor();
      await again.close();
      const stored = (await (await house.get(`/tunes/${id}`)).json()) as { text: string };
      expect(stored.text).toBe(text);
    }
  },
  3_600_000,
);
