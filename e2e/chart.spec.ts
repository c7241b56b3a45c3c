import type { Page } from '@playwright/test';
import { centreOf, Desk, drag, expect, test } from './desk';
import { tunePath } from './screens';

test('a misread chord is corrected where it stands', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | Gm77 | Cmaj7 |');
  await desk.slot(/^Gm77 cannot be read/).dblclick();
  const field = page.getByRole('textbox', { name: 'Chord in bar 2' });
  await expect(field).toHaveValue('Gm77');
  await field.fill('G7b9');
  await field.press('Enter');
  await expect(desk.slot(/^G7♭9, V7, bar 2/)).toBeFocused();
  await desk.reads('| Dm7 | G7b9 | Cmaj7 |');
  await expect(page.getByRole('list', { name: 'To correct' }).getByRole('listitem')).toHaveCount(0);
  await page.keyboard.press('z');
  await desk.reads('| Dm7 | Gm77 | Cmaj7 |');
});

test('the editor marks the problem and mends it there too', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | Cmjaj7 |');
  const marked = page.locator('.cm-lintRange-error');
  await expect(marked).toHaveText('jaj7');
  await marked.hover();
  await page.locator('.cm-diagnosticAction', { hasText: 'Read it as Cmaj7' }).click();
  await desk.reads('| Dm7 | Cmaj7 |');
});

test('a twelve-bar form is entered by keyboard alone in the laid-out chart', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTuneFromBook('');
  await page.getByRole('button', { name: 'Write the first bar' }).focus();
  await page.keyboard.press('Enter');
  const bars = 'F7|Bb7|F7|Cm7 F7|Bb7|Bdim7|F7|Am7b5 D7|Gm7|C7|F7 D7|Gm7 C7'.split('|');
  for (const [index, bar] of bars.entries()) {
    await page.keyboard.type(bar);
    await page.keyboard.press(index < bars.length - 1 ? 'Tab' : 'Enter');
  }
  await desk.reads(
    '| F7 | Bb7 | F7 | Cm7 F7 |\n| Bb7 | Bdim7 | F7 | Am7b5 D7 |\n| Gm7 | C7 | F7 D7 | Gm7 C7 |',
  );
  await expect(page.getByRole('button', { name: 'twelve-bar blues in F' })).toBeVisible();
  await expect(desk.slot(/^C7, V7, bar 12 beat 3/)).toBeFocused();

  await test.step('a bar is put in, and taken out again', async () => {
    await page.keyboard.press('Insert');
    await page.keyboard.type('F6');
    await page.keyboard.press('Enter');
    await expect(desk.slot(/^F6, I6, bar 13/)).toBeFocused();
    await page.keyboard.press('z');
    await page.keyboard.press('z');
    await expect(desk.slot(/bar 13/)).toHaveCount(0);
  });
  await test.step('Escape leaves a chord as it was', async () => {
    await desk.slot(/^B♭7, IV7, bar 2/).focus();
    await page.keyboard.type('Ebmaj');
    await page.keyboard.press('Escape');
    await expect(desk.slot(/^B♭7, IV7, bar 2/)).toBeFocused();
  });
  await test.step('the arrow keys walk, space plays', async () => {
    await page.keyboard.press('ArrowRight');
    await expect(desk.slot(/^F7, I7, bar 3/)).toBeFocused();
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
    await page.keyboard.press('Space');
  });
});

test('text and sheet stay in step, whichever is written in', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('[A]\n| Dm7 | G7 | Cmaj7 |');
  await expect(desk.slot(/^Cmaj7, Imaj7, bar 3/)).toBeVisible();
  await desk.changes.fill('[A]\n| Dm7 | Db7 | Cmaj7 |');
  await expect(desk.slot(/^D♭7, subV7, bar 2/)).toBeVisible();
  await desk.slot(/^Dm7/).focus();
  await page.keyboard.type('Em7 A7');
  await page.keyboard.press('Enter');
  await desk.reads('[A]\n| Em7 A7 | Db7 | Cmaj7 |');
});

test('a bar is dragged to another place, and back by undo', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| C6 | F6 | G7 | Am7 |');
  // Laid out and told: nothing moves under the pointer any more.
  await expect(desk.slot(/^Am7, vi7, bar 4/)).toBeVisible();
  await desk.saved();
  const number = (bar: number) =>
    page.getByRole('button', { name: `Bar ${bar}: move or change it` });
  await drag(page, await centreOf(number(1)), await centreOf(number(3)), /over Bar 3/);
  await desk.reads('| F6 | G7 | C6 | Am7 |');
  await page.getByRole('button', { name: 'Undo' }).click();
  await desk.reads('| C6 | F6 | G7 | Am7 |');
  await number(2).click();
  await page.getByRole('menuitem', { name: 'Remove this bar' }).click();
  await desk.reads('| C6 | G7 | Am7 |');
});

test('the chart is read in E♭ and back, and moved to another key and back', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 |');
  const reader = page.getByRole('combobox', { name: 'Written for' });
  await reader.click();
  await page.getByTitle('E♭ part').click();
  await expect(desk.slot(/^Amaj7, Imaj7, bar 3/)).toBeVisible();
  await expect(page.getByText('The E♭ part.')).toBeVisible();
  await desk.reads('| Dm7 | G7 | Cmaj7 |');
  await reader.click();
  await page.getByTitle('Concert').click();
  await expect(desk.slot(/^Cmaj7, Imaj7, bar 3/)).toBeVisible();

  await page.getByRole('combobox', { name: 'Transpose the tune to' }).click();
  await page.getByTitle('E♭ major').click();
  await desk.reads('| Fm7 | Bb7 | Ebmaj7 |');
  await expect(page.locator('.tune-facts')).toContainText('E♭ major');
  await page.getByRole('button', { name: 'Transpose the tune down a half step' }).click();
  await desk.reads('| Em7 | A7 | Dmaj7 |');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await desk.reads('| Dm7 | G7 | Cmaj7 |');
});

test('landmarks stand over their bars, and are chosen and heard', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('[A]\n| Cmaj7 | Fm7 Bb7 | Cmaj7 | Dm7 G7 |');
  const bracket = page.getByRole('button', { name: 'backdoor iv–♭VII7–I in C major, bars 2 to 3' });
  await bracket.click();
  await expect(bracket).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('.sheet-bar.marked')).toHaveCount(2);
  await page.locator('.ant-segmented-item', { hasText: 'Landmarks' }).click();
  await page.getByRole('button', { name: /^Hear backdoor/ }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('Space');
  await page.locator('.ant-segmented-item', { hasText: 'Map' }).click();
  await expect(page.locator('.map-line')).toHaveText('Imaj7 | iv7 ♭VII7 | Imaj7 | ii7 V7');
});

test('a travelling bridge is told, its keys and how they move', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openTune('Two Buoys');
  await desk.screen('Chart');
  await page.locator('.ant-segmented-item', { hasText: 'Landmarks' }).click();
  const list = page.locator('.landmark-list');
  await expect(list).toContainText('bars 11 to 12 G major');
  await expect(list).toContainText('three keys, each a whole step down: A, G, F bars 9 to 14');
  const bracket = page.locator('.bracket.begins', {
    hasText: 'three keys, each a whole step down',
  });
  await expect(bracket).toBeVisible();
});

test('the chord in hand tells its number, notes, pools, other names and stand-ins', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Am7 | Dm7 | G7 | Cmaj7 |');
  await desk.slot(/^G7/).click();
  await expect(desk.panel).toContainText('V7 in C major');
  await expect(desk.panel).toContainText('May take 9 A, 13 E');
  await expect(desk.panel).toContainText('Not on a long note C');
  await expect(desk.panel).toContainText('G Mixolydian');
  await expect(desk.panel).toContainText('D♭7 a tritone away');
  await expect(desk.panel).toContainText('Shared with Cmaj7, next');
  await expect(desk.panel).toContainText('Of the chords G, B');
  await desk.panel.getByRole('button', { name: 'Hear G Mixolydian over the chord' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.keyboard.press('Space');
  await desk.panel.locator('.ant-segmented-item', { hasText: 'Minor' }).click();
  await expect(desk.panel).toContainText('D Dorian the minor on its fifth');
  await desk.slot(/^Am7/).click();
  await expect(desk.panel).toContainText('C6 the same notes');
  await page.getByRole('button', { name: 'How symbols and notes are written' }).click();
  await page.getByRole('combobox', { name: 'Symbols' }).click();
  await page.getByTitle('Δ, –, ø, °').click();
  await expect(page.locator('.sheet')).toContainText('CΔ');
});

/** Notes each chord as it lights up, however soon the next does. @returns those so far, by their names */
async function soundingChords(page: Page): Promise<() => Promise<string[]>> {
  const names = await page.evaluateHandle(() => {
    const noted: string[] = [];
    const note = (): void => {
      const name = document.querySelector('.chord-button.sounding')?.getAttribute('aria-label');
      if (name && noted.at(-1) !== name) noted.push(name);
    };
    const watched = { subtree: true, attributes: true, attributeFilter: ['class'] };
    new MutationObserver(note).observe(document.body, watched);
    return noted;
  });
  return () => names.jsonValue();
}

test('a chart with signs, a pickup and changes of meter plays as it is written', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.openTune('Two Buoys');
  await expect(desk.chords.first()).toHaveAccessibleName(/^A7, bar 0 beat 1/);
  await expect(desk.chords.last()).toHaveAccessibleName(/^D6\/9, bar 25/);
  await desk.chords.first().click();
  const heard = await soundingChords(page);
  await page.keyboard.press('Space');
  await expect.poll(async () => (await heard()).length).toBeGreaterThan(1);
  await page.keyboard.press('Space');
  const [first, second] = await heard();
  expect(first).toMatch(/^A7, bar 0/);
  expect(second).toMatch(/^D, bar 1 beat 1/);
});

test('the chart opens at the bar of its address, tells what a repeat sign repeats, and follows the band', async ({
  page,
}) => {
  const desk = new Desk(page);
  await page.goto(`${await tunePath(page, 'Fog Signal')}/chart?bar=27`);
  const last = desk.slot(/^the bar before again, bar 27 /);
  await expect(last).toHaveAttribute('aria-current', 'true');
  await expect(last).toBeInViewport();
  const panel = page.getByRole('complementary', { name: 'The chord in hand' });
  await expect(panel).toContainText('bar 27, beat 1');
  await expect(panel).toContainText('D Dorian');
  await page.getByRole('button', { name: 'Play the chorus' }).click();
  const sounding = page.locator('.slot.sounding');
  await expect(sounding).toHaveAttribute('aria-label', /bar 1 beat 1$/, { timeout: 15_000 });
  await expect(sounding).toBeInViewport();
  await expect(sounding).toHaveAttribute('aria-label', /bar 2 beat 1$/);
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(sounding).toHaveCount(0);
});

test('the staff of a chord holds all of its scale, however many signs it has', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Bb7sus4(b9) | Gb7alt | Dbmaj9#11 | Cbmaj7 |');
  const staff = page.getByRole('img', { name: /^On the treble staff/ });
  for (const slot of await page.locator('.slot').all()) {
    await slot.click();
    await expect(staff).toHaveAttribute('aria-label', /then/);
    const notes = staff.locator('.vf-stavenote');
    await expect(notes).toHaveCount(8);
    const frame = (await staff.boundingBox())!;
    for (const note of await notes.all()) {
      const { x, width } = (await note.boundingBox())!;
      expect(x).toBeGreaterThanOrEqual(frame.x);
      expect(x + width).toBeLessThanOrEqual(frame.x + frame.width);
    }
  }
});

test('on a phone the staff is there when the panel is opened, for the chord that is in hand by then', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7alt |');
  const staff = page.getByRole('img', { name: /^On the treble staff/ });
  const fold = page.getByRole('button', { name: 'All of this chord' });
  await desk.slot(/^Dm7/).click();
  await fold.click();
  await expect(staff.locator('.vf-stavenote')).toHaveCount(8);
  await expect(staff.locator('svg')).toHaveAttribute('viewBox', /^0 0 [1-9]\d\d/);
  const before = await staff.innerHTML();
  await fold.click();
  await desk.slot(/^G7alt/).click();
  await fold.click();
  await expect(staff).toHaveAttribute('aria-label', /G altered$/);
  await expect.poll(() => staff.innerHTML()).not.toBe(before);
  await expect(staff.locator('.vf-stavenote')).toHaveCount(8);
});

test('where the chart has no chord the panel says so, and offers nothing to press for it', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | N.C. | Cmaj7 |');
  const panel = page.getByRole('complementary', { name: 'The chord in hand' });
  for (const screen of ['Chart', 'Voice']) {
    await page.getByRole('link', { name: screen, exact: true }).click();
    const place = screen === 'Chart' ? desk.slot(/^N\.C\./) : desk.chords.nth(1);
    await place.click();
    await expect(panel).toContainText('No chord here: the accompanist rests.');
    await expect(panel.getByRole('button', { name: /Hear|Lock|grips/ })).toHaveCount(0);
  }
});

test('a handful of notes is told what it could be called', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| C6 |');
  await page.locator('.ant-segmented-item', { hasText: 'Notes' }).click();
  const field = page.getByRole('textbox', { name: 'Notes, the lowest first' });
  await field.fill('D F Ab C');
  const names = page.getByRole('list', { name: 'What they could be called' });
  await expect(names.getByRole('listitem').nth(0)).toContainText('Dm7♭5');
  await expect(names.getByRole('listitem').nth(1)).toContainText('Fm6/D');
  await field.fill('ré fa la♭ do');
  await expect(names.getByRole('listitem').nth(0)).toContainText('Dm7♭5');
  await field.fill('D X');
  await expect(page.getByText('"X" is no note')).toBeVisible();
});
