import { Desk, expect, plugInKeys, test } from './desk';

test('a smaller hand has its stretch grips replaced', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Cmaj7 |');
  await desk.screen('Voice');
  await desk.family('close');
  const measure = page.locator('.panel-ease');
  await expect(measure).toContainText(/^\d+ mm/);
  await page.getByRole('button', { name: 'All grips' }).click();
  const stretch = page.locator('.browser-grip', { hasText: 'stretch' });
  await stretch.first().click();
  await page.getByRole('button', { name: 'Use it and lock it' }).click();
  await expect(measure).toContainText('a stretch');
  await expect(page.locator('.panel').getByRole('note')).toContainText('stop at pain');
  await page.keyboard.press('l');
  const before = Number(/^\d+/.exec((await measure.textContent()) ?? '')?.[0]);
  await page.getByRole('link', { name: 'Hands and instrument' }).click();
  await page.getByText('Small', { exact: true }).click();
  await expect(page.getByText('Easy up to 85 mm, at most 105 mm.')).toBeVisible();
  await page.getByRole('spinbutton', { name: 'Comfortable' }).fill('10');
  await page.getByRole('spinbutton', { name: 'At most' }).fill(String(before - 1));
  await expect(page.getByRole('status').first()).toHaveText('saved');
  await page.goBack();
  await expect(measure).toContainText(/^\d+ mm/);
  await expect
    .poll(async () => Number(/^\d+/.exec((await measure.textContent()) ?? '')?.[0]))
    .toBeLessThan(before);
});

test('what cannot be is said in the profile, and the last good setting stays', async ({ page }) => {
  await page.goto('/player');
  const frets = page.getByRole('spinbutton', { name: 'Frets' });
  const before = await frets.inputValue();
  await frets.fill('0');
  await expect(page.getByRole('alert')).toContainText(
    'A neck has frets from 1 to 36; this says 0.',
  );
  await expect(page.getByRole('alert')).toContainText(`It stays ${before}.`);
  await frets.fill('22');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('combobox', { name: 'String 4' }).click();
  await page.getByRole('combobox', { name: 'String 4' }).fill('A♭2');
  await page.locator('.ant-select-item-option', { hasText: 'A♭2' }).click();
  await expect(page.getByRole('alert')).toContainText('String 4, Ab2, is not above string 5, A2');
  await page.getByRole('spinbutton', { name: 'At most' }).fill('12');
  await expect(page.getByText(/cannot be more than the limit, 12 mm/)).toBeVisible();
  await page.reload();
  await expect(frets).toHaveValue('22');
  await expect(page.getByRole('spinbutton', { name: 'At most' })).toHaveValue('125');
  await page.keyboard.press('Escape');
});

test('with bass the roots leave and the register rises', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.screen('Voice');
  await desk.family('shell');
  const lowest = page.getByRole('slider', { name: 'Lowest comping note' }).first();
  await expect(lowest).toHaveAttribute('aria-valuetext', 'E2');
  await expect(desk.panel.getByRole('list', { name: 'Notes' })).toContainText('R');
  await desk.room('With bass');
  await expect(lowest).toHaveAttribute('aria-valuetext', 'D3');
  await expect(desk.panel.getByRole('list', { name: 'Notes' })).not.toContainText('R');
  await expect(desk.chords.first()).toHaveAccessibleName(/^Dm7, bar 1 beat 1, (F C|C F)$/);
});

test('the register of the room is dragged where the threads are, and by its keys', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.screen('Voice');
  const highest = page.getByRole('slider', { name: 'Highest comping note' }).first();
  await expect(highest).toHaveAttribute('aria-valuetext', 'G5');
  const box = (await highest.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 30, { steps: 6 });
  await page.mouse.up();
  const dragged = Number(await highest.getAttribute('aria-valuenow'));
  expect(dragged).toBeLessThan(79);
  const room = page.getByRole('button', { name: /^Room:/ });
  await expect(room).toHaveAccessibleName('Room: alone, adjusted');
  await highest.focus();
  await page.keyboard.press('ArrowDown');
  await expect(highest).toHaveAttribute('aria-valuenow', String(dragged - 1));
  await page.keyboard.press('z');
  await page.keyboard.press('r');
  const strip = page.getByRole('slider', { name: 'Your register: highest note' });
  await strip.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(highest).not.toHaveAttribute('aria-valuenow', String(dragged));
  await page.getByRole('textbox', { name: 'Name of the room' }).fill('The low deck');
  await page.getByRole('button', { name: 'Save as your own room' }).click();
  await expect(room).toHaveAccessibleName('Room: The low deck');
  await desk.saved();
});

test('a register narrower than the family is refused, and the last good one stays', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.screen('Voice');
  await page.keyboard.press('r');
  const highest = page.getByRole('slider', { name: 'Highest comping note' }).first();
  for (let octave = 0; octave < 3; octave += 1) {
    await highest.focus();
    await page.keyboard.press('PageDown');
  }
  await expect(page.getByRole('alert')).toContainText('the narrowest form of drop 2 needs');
  await expect(page.getByRole('alert')).toContainText('The last good room stays.');
  await expect(highest).toHaveAttribute('aria-valuenow', '55');
  await expect(desk.chords).toHaveCount(2);
});

test('a drop form is stepped through from the chord to the strings', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Cmaj7 |');
  await desk.screen('Voice');
  await desk.panel.getByRole('tab', { name: 'How made' }).click();
  const made = desk.panel.getByRole('region', { name: 'How it is made' });
  await expect(made).toContainText('The chord, stacked from its root.');
  const next = made.getByRole('button', { name: 'Next step' });
  await next.click();
  await expect(made).toContainText('Close position, counted from the top.');
  const notes = made.getByRole('list').getByRole('listitem');
  await expect(notes).toHaveCount(4);
  await expect(notes.first()).toContainText('1: ');
  await next.click();
  await expect(made).toContainText(/^.*The second voice \(.+\) falls an octave\./);
  await expect(notes.last()).toContainText('2: ');
  await expect(notes.last()).toContainText('falls');
  await next.click();
  await expect(made.locator('svg.fret-box')).toBeVisible();
  await expect(next).toBeDisabled();
});

test('a grip is put together on the strings, told what it is, and locked', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| A7 | D7 |');
  await desk.screen('Voice');
  await page.keyboard.press('p');
  for (const place of ['String 6, fret 5, A2', 'String 4, fret 5, G3', 'String 3, fret 6, C♯4']) {
    await page.getByRole('button', { name: place.replace('C♯4', 'D♭4') }).click();
  }
  const entry = page.getByRole('region', { name: 'Enter a voicing' });
  await expect(entry.getByRole('status')).toContainText('shell, root position: R ♭7 3');
  await entry.getByRole('button', { name: 'Use it and lock it' }).click();
  await expect(desk.selected).toHaveAccessibleName(/^A7, bar 1 beat 1, A G C♯, locked/);
  await page.getByRole('button', { name: 'String 1, fret 2,' }).click();
  await expect(entry.getByRole('status')).toContainText('13');
  await desk.saved();
  await page.reload();
  await expect(desk.selected).toHaveAccessibleName(/^A7, bar 1 beat 1, A G C♯, locked/);
});

test('a grip with a barre of the ring finger is put in by hand, locked and heard', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| D9 |');
  await desk.screen('Voice');
  await page.keyboard.press('p');
  for (const [string, fret] of [
    [5, 5],
    [4, 4],
    [3, 5],
    [2, 5],
    [1, 5],
  ]) {
    await page.getByRole('button', { name: `String ${string}, fret ${fret},` }).click();
  }
  const entry = page.getByRole('region', { name: 'Enter a voicing' });
  await expect(entry.getByRole('status')).toContainText('R 3 ♭7 9 5');
  await expect(entry.getByRole('status')).toContainText('fret 4 to 5: easy for your hand');
  await entry.getByRole('button', { name: 'Hear it' }).click();
  await entry.getByRole('button', { name: 'Use it and lock it' }).click();
  await expect(desk.selected).toHaveAccessibleName(/^D9, bar 1 beat 1, D F♯ C E A, locked/);
  await expect(page.locator('.panel-grip rect.dot')).toHaveCount(1);
});

test('a voicing is played in on a MIDI keyboard, or by the stand-in', async ({ page }) => {
  const send = await plugInKeys(page);
  const desk = new Desk(page);
  await desk.newTune('| Cmaj7 |');
  await desk.screen('Voice');
  await desk.instrument('Keyboard');
  await page.keyboard.press('p');
  const entry = page.getByRole('region', { name: 'Enter a voicing' });
  await entry.getByRole('button', { name: 'MIDI keyboard…' }).click();
  await expect(entry.locator('.midi-chooser')).toContainText('Test keys');
  for (const note of [52, 55, 59, 62]) await send(0x90, note, 80);
  for (const note of [52, 55, 59, 62]) await send(0x80, note, 0);
  await expect(entry.getByRole('status')).toContainText('3 5 7 9');
  await entry.getByRole('button', { name: 'Use it and lock it' }).click();
  await expect(desk.selected).toHaveAccessibleName(/E G B D, locked/);
  await entry.getByRole('button', { name: 'Stand-in plays' }).click();
  await expect(entry.getByRole('status')).toContainText('your own');
});

test('every grip of a family is seen, gone through by keys, heard and taken', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| Cmaj7 | F7 |');
  await desk.screen('Voice');
  await page.keyboard.press('f');
  const browser = page.getByRole('dialog', { name: 'Every grip of Cmaj7' });
  await expect(browser.getByRole('columnheader', { name: 'strings 5 4 3 2' })).toBeVisible();
  await expect(browser.getByRole('rowheader')).toHaveCount(4);
  const first = browser.locator('.browser-grip').first();
  await expect(first).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(browser.getByRole('status')).toContainText('drop 2, first inversion: 3');
  await page.keyboard.press('l');
  await expect(browser).toBeHidden();
  await expect(desk.selected).toHaveAccessibleName(/^Cmaj7, .*E .*, locked/);
});
