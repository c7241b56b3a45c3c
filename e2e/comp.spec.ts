import { readFile } from 'node:fs/promises';
import { readMidi, type MidiSong } from '@drop-close/core';
import type { Locator, Page } from '@playwright/test';
import { Desk, expect, plugInKeys, test } from './desk';
import { LATE } from './late';
import { tunePath } from './screens';

const BLUES =
  '| Bb7 | Eb7 | Bb7 | Fm7 Bb7 | Eb7 | Edim7 | Bb7 | Dm7b5 G7b9 | Cm7 | F7 | Bb7 G7b9 | Cm7 F7 |';
const SOLO = 'demo/solos/01-bilge-lamp-blues-a.mid';

const lane = (page: Page): Locator => page.locator('.hit');
const panel = (page: Page): Locator => page.getByRole('complementary', { name: 'What is in hand' });
const play = (page: Page): Locator => page.getByRole('button', { name: 'Play the chorus' });
const stop = (page: Page): Locator => page.getByRole('button', { name: 'Stop' });

/** A tune of one's own on the Comp screen. */
async function comping(page: Page, text = BLUES): Promise<Desk> {
  const desk = new Desk(page);
  await desk.newTune(text);
  await desk.screen('Comp');
  await expect(page.locator('.lane').first()).toBeVisible();
  return desk;
}

async function bringIn(page: Page, files: Parameters<Locator['setInputFiles']>[0]): Promise<void> {
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await page.locator('input[type=file]').setInputFiles(files);
}

/** The MIDI file the page hands over, read again. */
async function midiOf(page: Page): Promise<MidiSong> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'MIDI file' }).click(),
  ]);
  const reading = readMidi(await readFile(await download.path()));
  if (!reading.ok) throw new Error(reading.problem);
  return reading.value.song;
}

const track = (song: MidiSong, name: string) => song.tracks.find((each) => each.name === name);

const spoken = (hits: Locator): Promise<string[]> =>
  hits.evaluateAll((all) => all.map((hit) => hit.getAttribute('aria-label') ?? ''));

const figureText = (page: Page, what: string): Promise<string> =>
  page.locator('.comp-figures div').filter({ hasText: what }).locator('dd').innerText();

const figure = async (page: Page, what: string): Promise<number> =>
  Number.parseInt(await figureText(page, what), 10);

test('a solo file comes in, is comped for, and all of it is taken away as a MIDI file', async ({
  page,
}) => {
  const desk = await comping(page);
  await bringIn(page, SOLO);
  await expect(panel(page)).toContainText('“Tenor solo” came in with 42 notes, whole.');
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  await expect(lane(page).first()).toBeVisible();
  await expect.poll(() => figure(page, 'in gaps or under long notes')).toBeGreaterThanOrEqual(80);
  expect(await figure(page, 'clashes with held notes')).toBe(0);
  await page.getByRole('tab', { name: 'Hits' }).click();
  await lane(page).first().click();
  await expect(page.getByRole('region', { name: 'Why so' })).toContainText('.');

  const before = await spoken(lane(page));
  await page.keyboard.press(']');
  await page.keyboard.press('a');
  await expect.poll(() => spoken(lane(page))).not.toEqual(before);
  await expect(lane(page).first()).toHaveAccessibleName(/accented/);
  await page.keyboard.press('z');
  await page.keyboard.press('z');
  await expect.poll(() => spoken(lane(page))).toEqual(before);

  const song = await midiOf(page);
  expect(song).toMatchObject({ tempo: 120, meters: [{ at: 0, meter: { beats: 4, unit: 4 } }] });
  expect(song.tracks.map(({ name }) => name).sort()).toEqual(['Bass', 'Comp', 'Drums', 'Solo']);
  expect(track(song, 'Solo')!.notes).toHaveLength(42);
  expect(song.chords.slice(0, 3).map(({ text }) => text)).toEqual(['Bb7', 'Eb7', 'Bb7']);
  const onsets = new Set(track(song, 'Comp')!.notes.map(({ at }) => at));
  expect(onsets.size).toBe(before.length);

  await desk.saved();
  await page.reload();
  await expect.poll(() => spoken(lane(page))).toHaveLength(before.length);
});

for (const screen of ['voice', 'comp'] as const) {
  test(`play pressed before a tune on ${screen} is voiced plays it once it is`, async ({
    page,
  }) => {
    await page.addInitScript(LATE);
    await page.goto(`${await tunePath(page, 'Bilge Lamp Blues')}/${screen}`);
    await play(page).click();
    await expect(page.locator('.chord-button.sounding')).toBeVisible();
    await stop(page).click();
    await expect(page.locator('.chord-button.sounding')).toHaveCount(0);
  });
}

test('presses while the choruses are still composed count: the fill, play, the MIDI file', async ({
  page,
}) => {
  await comping(page);
  await page.evaluate(LATE);
  await bringIn(page, SOLO);
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  await expect(lane(page).first()).toBeVisible();
  await page.getByRole('tab', { name: 'Hits' }).click();
  await lane(page).first().click();
  await page.keyboard.press('a');
  await play(page).click();
  await expect(page.locator('.chord-button.sounding')).toBeVisible();
  await stop(page).click();
  await page.keyboard.press('a');
  expect(track(await midiOf(page), 'Comp')!.notes.length).toBeGreaterThan(0);
});

test('behind a demo solo the harmony is told, what rings rings, and hits swell and are held by ear', async ({
  page,
}) => {
  const desk = await comping(page);
  await bringIn(page, SOLO);
  await page.getByRole('button', { name: 'Comp for this solo' }).click();
  await expect(lane(page).first()).toBeVisible();
  const [told, chords] = (await figureText(page, 'chords sound')).split(' of ').map(Number);
  expect(chords).toBe(16);
  expect(told! / chords!).toBeGreaterThanOrEqual(0.85);

  const ringing = await page.locator('.hit-let-ring').count();
  expect(ringing).toBeGreaterThan(0);
  const song = await midiOf(page);
  const comp = track(song, 'Comp')!.notes;
  const long = new Set(comp.filter(({ length }) => length > 480).map(({ at }) => at));
  expect(long.size).toBeGreaterThanOrEqual(ringing);

  await page.getByRole('button', { name: 'Band', exact: true }).click();
  await page.getByRole('combobox', { name: 'Ending' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'last four bars twice more' }).click();
  await page.getByRole('button', { name: 'Band', exact: true }).click();
  const ended = track(await midiOf(page), 'Bass')!.notes;
  // Twelve bars, four of them twice more, and the last chord on the next one.
  expect(ended.at(-1)!.at).toBe((12 + 8) * 4 * 480);

  await page.locator('.hit-let-ring').first().click();
  await page.getByRole('button', { name: /^Grow to bar/ }).click();
  await expect(page.locator('.hit.selected')).toHaveAccessibleName(/very soft/);
  await expect(stop(page)).toBeVisible();
  const before = await spoken(lane(page));
  await page.getByRole('button', { name: '2½ beats' }).click();
  await expect(page.locator('.hit.selected')).toHaveAccessibleName(/, full,/);
  await page.keyboard.press('z');
  await expect.poll(() => spoken(lane(page))).toEqual(before);
  await desk.saved();
  await page.reload();
  await expect(page.locator('.hit-loudness-1').first()).toBeVisible();
});

test('a movement is tried by ear and in the threads, applied, and taken off', async ({ page }) => {
  await comping(page, '| Dm7 | G7 | Cmaj7 | % |');
  await expect(page.locator('.chord-button')).toHaveCount(4);
  await page.getByRole('tab', { name: 'Movement' }).click();
  await panel(page).getByRole('button', { name: 'rising', exact: true }).click();
  await expect(page.locator('.chord-button')).toHaveCount(6);
  await expect(page.getByRole('region', { name: 'What is tried' })).toContainText('Em7 Fmaj7');
  await expect(stop(page)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.locator('.chord-button')).toHaveCount(4);
  await panel(page).getByRole('button', { name: 'rising', exact: true }).click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.locator('.lane-device')).toHaveText('Step through the key: rising');
  await expect(page.locator('.chord-button').nth(1)).toHaveAccessibleName(/^Em7, bar 1 beat 3/);
  const applied = page.getByRole('region', { name: 'Applied' });
  await expect(applied).toContainText('Bar 1, Dm7');
  const song = await midiOf(page);
  expect(song.chords.map(({ text }) => text).join(' ')).toBe('Dm7 Em7 Fmaj7 G7 Cmaj7 Cmaj7');
  await applied.getByRole('button', { name: /^Remove:/ }).click();
  await expect(page.locator('.chord-button')).toHaveCount(4);
  await page.keyboard.press('z');
  await expect(page.locator('.chord-button')).toHaveCount(6);
});

test('hits are put in, dragged, nudged, lengthened, copied and taken out by hand', async ({
  page,
}) => {
  await comping(page, '| Dm7 | G7 | Cmaj7 | A7 |');
  const hits = page.locator('.lane-hits').first();
  const box = (await hits.boundingBox())!;
  const first = (await page.locator('.lane-beat').first().boundingBox())!;
  await page.mouse.click(first.x, box.y + box.height / 2);
  await expect(lane(page)).toHaveAccessibleName('Hit, bar 1, beat 1, short');
  const beat = (await page.locator('.lane-beat').nth(2).boundingBox())!;
  const mark = (await lane(page).boundingBox())!;
  await page.mouse.move(mark.x + 4, mark.y + 8);
  await page.mouse.down();
  await page.mouse.move(beat.x - 20, mark.y + 8);
  await page.mouse.move(beat.x + 3, mark.y + 8);
  await page.mouse.up();
  await expect(lane(page)).toHaveAccessibleName('Hit, bar 1, beat 3, short');
  await page.keyboard.press('.');
  await page.keyboard.press(']');
  await page.keyboard.press(']');
  await expect(lane(page)).toHaveAccessibleName('Hit, bar 1, beat 3 and, full');
  await page.keyboard.press('e');
  await page.keyboard.press('y');
  await expect(lane(page)).toHaveAccessibleName('Hit, bar 1, beat 3 and, let ring, grace');
  await page.keyboard.press('m');
  await expect(lane(page)).toHaveCount(2);
  await page.keyboard.press('Delete');
  await expect(lane(page)).toHaveCount(1);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('x');
  await expect(lane(page).first()).toHaveAccessibleName('Hit, bar 2, beat 1, short');
  await page.getByRole('combobox', { name: 'Put a rhythm in this bar' }).click();
  await page.locator('.ant-select-item-option').first().click();
  await expect(lane(page)).not.toHaveCount(2);
});

test('four bars come round, each time faster and in another key', async ({ page }) => {
  await comping(page, '| Dm7 | G7 | Cmaj7 | A7 | Dm7 | G7 |');
  await page.getByRole('switch', { name: 'Count-in' }).click();
  await page.getByRole('spinbutton', { name: 'Tempo in beats a minute' }).fill('320');
  await page.getByRole('button', { name: 'All bars' }).click();
  await page.getByRole('spinbutton', { name: 'Loop from bar' }).fill('2');
  await page.getByRole('spinbutton', { name: 'Loop to bar' }).fill('5');
  await page.getByRole('spinbutton', { name: 'Faster each time, in beats a minute' }).fill('10');
  await page.getByRole('combobox', { name: 'Key, each time round' }).click();
  await page.getByText('Up a fourth each time').click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Bars 2–5, \+10, through keys$/ })).toBeVisible();
  await play(page).click();
  await expect(page.getByRole('status').filter({ hasText: 'time 2: 330, up 5' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'time 3: 340, down 2' })).toBeVisible();
  await expect(page.locator('.chord-button.sounding')).toHaveAccessibleName(/bar [2-5] /);
  await stop(page).click();
});

test('a plan takes a shape, and one click makes it playable', async ({ page }) => {
  await comping(page, '[A]\n| Dm7 | G7 | Cmaj7 | A7 |\n[B]\n| Fm7 | Bb7 | Em7 | A7 |');
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'Add a chorus' }).click();
  const arc = page.getByRole('group', { name: 'The arc of all choruses' });
  await expect(arc.getByRole('button')).toHaveCount(4);
  await page.getByRole('button', { name: 'Choose a shape…' }).click();
  await page.getByText('Build all the way').click();
  await expect(arc.getByRole('button').first()).toHaveAccessibleName(/guide tones.*density 1/);
  await expect(arc.getByRole('button').last()).toHaveAccessibleName(/full.*density 5/);
  await arc.getByRole('button').nth(1).click();
  await page.getByRole('checkbox', { name: 'drums' }).click();
  await expect(arc.getByRole('button').nth(1)).toHaveAccessibleName(/without drums/);
  await page.getByRole('button', { name: 'Make it playable' }).click();
  await expect(lane(page).first()).toBeVisible();
  const song = await midiOf(page);
  const inFirstB = track(song, 'Drums')!.notes.filter(({ at }) => at >= 7680 && at < 15360);
  expect(inFirstB).toEqual([]);
  const loudest = (from: number): number =>
    Math.max(...track(song, 'Bass')!.notes.flatMap((n) => (n.at >= from ? [n.velocity] : [])));
  expect(loudest(23040)).toBeGreaterThan(
    Math.max(...track(song, 'Bass')!.notes.flatMap((n) => (n.at < 7680 ? [n.velocity] : []))),
  );
});

test('a soloist brought in has the room offered that leaves them their register', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | % |');
  await desk.screen('Voice');
  await desk.room('With bass');
  await desk.screen('Comp');
  const offer = page.getByRole('status').filter({ hasText: 'The room has no soloist yet' });
  await expect(offer).toHaveCount(0);
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await page.getByRole('button', { name: 'Make a line' }).click();
  await offer.getByRole('button', { name: /^Room: with bass and a singer or horn/i }).click();
  await expect(offer).toHaveCount(0);
  await desk.screen('Voice');
  await expect(
    page.getByRole('button', { name: /^Room: with bass and a singer or horn/i }),
  ).toBeVisible();
});

test('a solo is made up by the stand-in, one is played in on the keys, and one is thrown away', async ({
  page,
}) => {
  await comping(page, '| Dm7 | G7 | Cmaj7 | A7 |');
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await page.getByRole('button', { name: 'Make a line' }).click();
  await expect(page.locator('.solos')).toContainText('Stand-in 1');
  await expect(page.locator('.lane-note').first()).toBeVisible();
  await page.getByRole('switch', { name: 'Count-in' }).click();
  await page.getByRole('button', { name: 'Play in…' }).click();
  await expect(stop(page)).toBeVisible();
  const sounds = page.locator('.chord-button.sounding');
  await expect(sounds).toBeVisible();
  await page.keyboard.down('a');
  await page.waitForTimeout(300);
  await page.keyboard.up('a');
  await page.keyboard.down('g');
  await page.waitForTimeout(200);
  await page.keyboard.up('g');
  await expect(page.getByText('2 notes', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.locator('.solos')).toContainText('Played in2 notes in');
  await expect(page.locator('.solos')).toContainText('C4 to G4');
  await page.getByRole('button', { name: 'Throw away: Stand-in 1' }).click();
  await expect(page.locator('.solos')).not.toContainText('Stand-in 1');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.locator('.solos')).toContainText('Stand-in 1');
});

test('a solo is played in on a MIDI keyboard', async ({ page }) => {
  const send = await plugInKeys(page);
  await comping(page, '| Dm7 | G7 | Cmaj7 | A7 |');
  await page.getByRole('tab', { name: 'Soloist' }).click();
  await page.getByRole('switch', { name: 'Count-in' }).click();
  await page.getByRole('button', { name: 'Play in…' }).click();
  await expect(page.locator('.chord-button.sounding')).toBeVisible();
  for (const pitch of [69, 72, 76]) {
    await send(0x90, pitch, 100);
    await page.waitForTimeout(200);
    await send(0x80, pitch, 0);
  }
  await expect(page.getByText('3 notes', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.locator('.solos')).toContainText('3 notes in');
  await expect(page.locator('.solos')).toContainText('A4 to E5');
  await page.getByRole('button', { name: 'Hear: Played in' }).click();
  await expect(stop(page)).toBeVisible();
});

test('a hit is tapped in time while the band plays', async ({ page }) => {
  await comping(page, '| Dm7 | G7 |');
  await page.getByRole('switch', { name: 'Count-in' }).click();
  await play(page).click();
  await expect(page.locator('.chord-button.sounding')).toBeVisible();
  // Both in one go: between two commands a busy machine may let half a bar pass.
  await page.evaluate(() => {
    for (const type of ['keydown', 'keyup']) {
      document.body.dispatchEvent(
        new KeyboardEvent(type, { key: 'j', code: 'KeyJ', bubbles: true }),
      );
    }
  });
  await expect(lane(page)).toHaveAccessibleName(/^Hit, bar [12], beat [1-4]( and)?, short$/);
  await stop(page).click();
});

test('the stand shows what is now and next, and turns by key and by tap', async ({ page }) => {
  await comping(page);
  await page.getByRole('link', { name: 'On the stand' }).click();
  const now = page.getByRole('region', { name: 'now' });
  const next = page.getByRole('region', { name: 'next' });
  await expect(now).toContainText('E♭7');
  await expect(next).toContainText('Edim7');
  await page.keyboard.press('PageDown');
  await expect(now).toContainText('Edim7');
  await expect(page.getByText('phrase 2 of 3')).toBeVisible();
  await next.getByRole('button').click();
  await expect(now).toContainText('Cm7');
  await expect(page.getByRole('region', { name: 'from the top' })).toContainText('B♭7');
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(page.getByText('phrase 1 of 3')).toBeVisible();
});

const MIDI_HEAD = [0x4d, 0x54, 0x68, 0x64, 0, 0, 0, 6, 0, 0, 0, 1];
const NO_NOTES = [...MIDI_HEAD, 1, 0xe0, 0x4d, 0x54, 0x72, 0x6b, 0, 0, 0, 4, 0, 0xff, 0x2f, 0];
const HELPLESS: [name: string, file: string, bytes: Buffer, told: RegExp][] = [
  ['no notes', 'a.mid', Buffer.from(NO_NOTES), /no notes in this MIDI file/],
  ['a cut', 'b.mid', Buffer.from(NO_NOTES.slice(0, -3)), /cut off or damaged/],
  [
    'film frames',
    'c.mid',
    Buffer.from(NO_NOTES.map((byte, at) => (at === 12 ? 0xe7 : byte))),
    /film frames/,
  ],
  ['10 MB', 'd.mid', Buffer.alloc(10_000_000, Buffer.from(MIDI_HEAD)), /10 MB/],
  [
    'entities of its own',
    'e.musicxml',
    Buffer.from('<!DOCTYPE x [<!ENTITY a "aa">]><score-partwise>&a;</score-partwise>'),
    /defines entities/,
  ],
  ['no score', 'f.xml', Buffer.from('<html></html>'), /no MusicXML score/],
];

test('a file that is no use says why, and nothing else is disturbed', async ({ page }) => {
  await comping(page, '| Dm7 | G7 |');
  await page.keyboard.press('x');
  for (const [, name, buffer, told] of HELPLESS) {
    await bringIn(page, { name, mimeType: 'audio/midi', buffer });
    await expect(panel(page).getByRole('alert')).toHaveText(told);
    await expect(panel(page).getByRole('alert')).toContainText(name);
  }
  await expect(page.locator('.solos li')).toHaveCount(0);
  await expect(lane(page)).toHaveCount(1);
});
