import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { defaultProfile, noTaste, type ProfileView } from '@drop-close/core';
import { tunePath } from './screens';
import { PORT, endServer, loadDemo, startServer } from './server';

interface OfTest {
  /** Every test fails on a console error or warning, unless it says which ones it provokes. */
  readonly quiet: { readonly allow: (pattern: RegExp) => void };
  /** Every test begins with hands, instruments and ways of writing as everybody begins, whatever an earlier one has left. */
  readonly asNew: undefined;
}

interface OfWorker {
  /** The address of the worker's own server, with the demo tunes in its own database. */
  readonly house: string;
}

export const test = base.extend<OfTest, OfWorker>({
  house: [
    // Playwright reads from this pattern what a fixture needs: nothing.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      await loadDemo();
      const server = await startServer(PORT);
      await use(`http://127.0.0.1:${PORT}`);
      await endServer(server, 'SIGTERM');
    },
    // Also for tests with a server of their own: they share its book, which gets its demo tunes only while empty.
    { scope: 'worker', timeout: 180_000, auto: true },
  ],
  baseURL: async ({ house }, use) => {
    await use(house);
  },
  asNew: [
    async ({ house, playwright }, use) => {
      const request = await playwright.request.newContext({ baseURL: house });
      const { version } = (await (await request.get('/api/profile')).json()) as ProfileView;
      if (version) {
        await request.put('/api/profile', { data: { profile: defaultProfile, version } });
      }
      await request.dispose();
      await use(undefined);
    },
    { auto: true },
  ],
  quiet: [
    async ({ page }, use) => {
      const heard: string[] = [];
      const allowed = [/Service Worker registration blocked by Playwright/];
      page.on('console', (message) => {
        if (!['error', 'warning'].includes(message.type())) return;
        // A choice of the test before may reach the profile late; the two are brought together.
        const isLate = message.text().includes('409') && PROFILE.test(message.location().url);
        if (!isLate) heard.push(message.text());
      });
      page.on('pageerror', (error) => heard.push(error.message));
      await use({ allow: (pattern) => allowed.push(pattern) });
      expect(heard.filter((text) => !allowed.some((pattern) => pattern.test(text)))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

const PROFILE = /\/api\/profile$/;

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Centre of something that is seen, once it has come to rest. */
export async function centreOf(seen: Locator): Promise<Point> {
  await seen.scrollIntoViewIfNeeded();
  const box = (await seen.boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/**
 * Drags by the pointer, and lets go once the page says over what: a page that is busy may not have
 * followed the pointer yet.
 * @param over words said to someone who does not see it
 */
export async function drag(page: Page, from: Point, to: Point, over: RegExp): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, from.y + 12, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 10 });
  await expect(page.locator('[id^=DndLiveRegion]').filter({ hasText: over })).toHaveCount(1);
  await page.mouse.up();
}

/** What each screen is told by. */
export const SCREENS = {
  Chart: 'main.chart',
  Voice: 'main.voice:not(.comp)',
  Comp: 'main.comp',
} as const;

export class Desk {
  constructor(readonly page: Page) {}

  async openBook(): Promise<void> {
    await this.page.goto('/book');
    await expect(this.page.getByRole('heading', { name: 'The book' })).toBeVisible();
  }

  /** A tune of one's own, so that tests do not meet in one tune; made as the book makes it. */
  async newTune(text: string): Promise<void> {
    const blank = { title: 'New tune', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
    const made = await this.page.request.post('/api/tunes', { data: { ...blank, text: '' } });
    const { id } = (await made.json()) as { id: string };
    await this.page.goto(`/tune/${id}/chart`);
    await this.changes.fill(text);
  }

  /** The same by the button in the book. */
  async newTuneFromBook(text: string): Promise<void> {
    await this.openBook();
    await this.page.getByRole('button', { name: 'New tune', exact: true }).click();
    await this.changes.fill(text);
  }

  async openTune(title: string): Promise<void> {
    await this.page.goto(`${await tunePath(this.page, title)}/voice`);
    await expect(this.chords.first()).toBeVisible();
  }

  get changes(): Locator {
    return this.page.getByRole('textbox', { name: 'Changes' });
  }

  /** The text of the changes as it stands in its field. */
  text(): Promise<string> {
    return this.changes.evaluate((field) =>
      [...field.querySelectorAll('.cm-line')].map((line) => line.textContent).join('\n'),
    );
  }

  async reads(text: string): Promise<void> {
    await expect.poll(() => this.text()).toBe(text);
  }

  /** The text of the changes as the server has it. */
  async storedText(): Promise<string> {
    const id = /tune\/([^/]+)/.exec(this.page.url())?.[1] ?? '';
    const answer = await this.page.request.get(`/api/tunes/${id}`);
    return ((await answer.json()) as { text: string }).text;
  }

  /** A place of the laid-out chart, by what it says: "Dm7, ii7, bar 1 beat 1". */
  slot(name: RegExp): Locator {
    return this.page.locator('.sheet').getByRole('button', { name });
  }

  get chords(): Locator {
    return this.page.locator('.chord-button');
  }

  get selected(): Locator {
    return this.page.locator('.chord-button[aria-current=true]');
  }

  get panel(): Locator {
    return this.page.getByRole('complementary', { name: 'The chord in hand' });
  }

  get saveState(): Locator {
    return this.page.locator('.save-note');
  }

  /** The server knows of no choices: an earlier test may have closed its page before they were forgotten there. */
  async withoutTaste(): Promise<void> {
    const { request } = this.page;
    const { profile, version } = (await (await request.get('/api/profile')).json()) as ProfileView;
    await request.put('/api/profile', {
      data: { profile: { ...profile, taste: noTaste }, version },
    });
  }

  /** Goes to a screen, and waits until it is there: its keys act from then on. */
  async screen(name: 'Chart' | 'Voice' | 'Comp'): Promise<void> {
    await this.page.getByRole('link', { name, exact: true }).click();
    await expect(this.page.locator(SCREENS[name]).first()).toBeVisible();
  }

  /** Takes another instrument in hand. */
  async instrument(name: string): Promise<void> {
    const button = this.page.getByRole('button', { name: /^Instrument:/ });
    await button.click();
    const choice = this.page
      .getByRole('radiogroup', { name: 'Instrument', exact: true })
      .getByText(name, { exact: true });
    await choice.click();
    await this.putAway(button, choice);
  }

  /** Takes one family of voicings alone. */
  async family(name: string): Promise<void> {
    const button = this.page.getByRole('button', { name: /^Voicings:/ });
    await button.click();
    const only = this.page.getByRole('button', { name: `Only ${name}`, exact: true });
    // The one that is chosen alone cannot be chosen again.
    if (await only.isEnabled()) await only.click();
    await expect(button).toHaveAccessibleName(new RegExp(`^Voicings: ${name}`));
    await this.putAway(button, only);
  }

  /** Opens the choices of voicings and does something with them. */
  async voicings(ask: () => Promise<void>): Promise<void> {
    const button = this.page.getByRole('button', { name: /^Voicings:/ });
    await button.click();
    await ask();
    await this.putAway(button, this.page.getByText('Number of voices', { exact: true }));
  }

  /** Goes to another room. */
  async room(label: string): Promise<void> {
    const button = this.page.getByRole('button', { name: /^Room:/ });
    await button.click();
    const choice = this.page.getByRole('radio', { name: label, exact: true });
    await choice.click();
    await this.putAway(button, choice);
  }

  /** Opens something to look at: figures, another way, a comparison. */
  async view(tool: string): Promise<void> {
    await this.page.getByRole('button', { name: 'View', exact: true }).click();
    await this.page.getByRole('button', { name: tool, exact: true }).click();
  }

  private async putAway(button: Locator, inside: Locator): Promise<void> {
    await button.click();
    await expect(inside).toBeHidden();
  }

  /** Takes an option of a list. */
  async option(list: string, title: string): Promise<void> {
    await this.page.getByRole('combobox', { name: list }).click();
    await this.page.locator('.ant-select-dropdown:visible').getByTitle(title).click();
  }

  async saved(): Promise<void> {
    await expect(this.saveState).toHaveText('saved');
  }
}

/**
 * A MIDI keyboard, "Test keys", plugged into a page before it is opened.
 * @returns how to send it a message
 */
export async function plugInKeys(page: Page): Promise<(...data: number[]) => Promise<void>> {
  await page.addInitScript(() => {
    const port = Object.assign(new EventTarget(), {
      id: 'keys',
      name: 'Test keys',
      open: () => Promise.resolve(port),
    });
    const access = { inputs: new Map([['keys', port]]) };
    Object.assign(navigator, { requestMIDIAccess: () => Promise.resolve(access) });
    Object.assign(window, {
      playMidi: (...data: number[]) =>
        port.dispatchEvent(new MIDIMessageEvent('midimessage', { data: new Uint8Array(data) })),
    });
  });
  return (...data) =>
    page.evaluate((message) => {
      (window as unknown as { playMidi: (...data: number[]) => void }).playMidi(...message);
    }, data);
}

/** A file as it is saved from the menu of more files, or by its own button. */
export async function saved(page: Page, name: string): Promise<{ name: string; file: string }> {
  const coming = page.waitForEvent('download');
  const own = page.getByRole('button', { name, exact: true });
  if (await own.isVisible()) await own.click();
  else {
    await page.getByRole('button', { name: 'More files' }).click();
    await page.getByRole('menuitem', { name }).click();
  }
  const download = await coming;
  return { name: download.suggestedFilename(), file: await download.path() };
}
