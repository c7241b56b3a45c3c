import type { Page } from '@playwright/test';
import { Desk, expect, test } from './desk';

const aside = (page: Page) => page.getByRole('region', { name: 'The changes' });
const show = (page: Page, side: string) =>
  aside(page).locator('.ant-segmented-item', { hasText: side }).click();

test('a travelling bridge is told as a teacher would say it', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune(
    'key: D\n[A]\n| Dmaj7 | C#m7b5 F#7b9 | Bm7 | Gm7 C7 | Dmaj7 | Em7 A7 | D6 | % |\n' +
      '[Bridge]\n| F#m7 B7 | Emaj7 | Em7 A7 | Dmaj7 | Dm7 G7 | Cmaj7 | Em7 | A7 |',
  );
  await desk.screen('Chart');
  await show(page, 'Map');
  await expect(page.locator('.in-words')).toHaveText(
    '16 bars in D major. A ii–V to vi, backdoor home, ii–V–I. ' +
      'Bridge three keys, each a whole step down: E, D, C; back in D major: ii–V back to the top. ',
  );
});

/** Quarter notes, four in a bar. */
function score(meter: string, ...bars: string[]): Buffer {
  const measures = bars.map((bar, at) => {
    const notes = bar.split(' ').map((word) => {
      const [, step, sign, octave] = /^([A-G])([b#]?)(\d)$/.exec(word)!;
      const alter = sign ? `<alter>${sign === 'b' ? -1 : 1}</alter>` : '';
      return `<note><pitch><step>${step}</step>${alter}<octave>${octave}</octave></pitch><duration>1</duration></note>`;
    });
    const [beats, unit] = meter.split('/');
    const time = `<attributes><divisions>1</divisions><time><beats>${beats}</beats><beat-type>${unit}</beat-type></time></attributes>`;
    return `<measure number="${at + 1}">${at ? '' : time}${notes.join('')}</measure>`;
  });
  return Buffer.from(
    '<score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Wake</part-name></score-part></part-list>' +
      `<part id="P1">${measures.join('')}</part></score-partwise>`,
  );
}

async function bringIn(page: Page, buffer: Buffer): Promise<void> {
  await show(page, 'Melody');
  await aside(page)
    .locator('input[type=file]')
    .setInputFiles({ name: 'wake.musicxml', mimeType: 'text/xml', buffer });
}

test('a melody brought in is told against its chords, note by note and by its phrase', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | N.C. |');
  await desk.screen('Chart');
  // b7 falls to 3; a tension leads to the 5; the 3 enclosed by F and D#; one note over N.C.
  await bringIn(page, score('4/4', 'D5 A4 F4 C5', 'B4 E4 D4 F4', 'D#4 E4 F4 G4', 'C5'));
  const notes = page.locator('.melody-note');
  await expect(notes).toHaveCount(13);
  await expect(notes.nth(3)).toHaveAttribute('aria-label', '♭7 of Dm7, falls to the 3 of G7');
  await expect(notes.nth(5)).toHaveAttribute(
    'aria-label',
    '13 over G7, leads to the 5 from a whole step above',
  );
  await expect(notes.nth(8)).toHaveAttribute(
    'aria-label',
    'outside Cmaj7, its ♯9, encloses the 3 from a half step below',
  );
  await expect(notes.nth(10)).toHaveAttribute(
    'aria-label',
    /^11 over Cmaj7, to pass and not to hold/,
  );
  await expect(aside(page)).toContainText('1 note in bar 4 without a chord');
  await expect(page.locator('.melody-phrases')).toContainText(
    '13 notes, 4 of 6 on strong beats are chord tones',
  );
  await expect(page.locator('.melody-lines > svg .melody-resolves')).toHaveCount(1);

  await notes.nth(8).click();
  await expect(page.getByRole('region', { name: 'The note in hand' })).toContainText(
    'encloses the 3',
  );
  await expect(page.locator('.chord-panel h2')).toHaveText('Cmaj7');
  await page.keyboard.press('ArrowRight');
  await expect(notes.nth(9)).toBeFocused();
  await expect(page.getByRole('region', { name: 'The note in hand' })).toContainText('3 of Cmaj7');
});

test('a melody in another meter, and a file that is none, say so and lose nothing', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 |');
  await desk.screen('Chart');
  await bringIn(page, score('3/4', 'D5 A4 F4'));
  await expect(aside(page)).toContainText('The file is in 3/4 and the tune in 4/4');
  await expect(page.locator('.melody-note')).toHaveCount(3);
  await bringIn(page, Buffer.from('no score at all'));
  await expect(page.getByRole('alert')).toContainText('wake.musicxml');
  await expect(page.locator('.melody-note')).toHaveCount(3);
});

test('a demo solo is told as it stands', async ({ page }) => {
  const desk = new Desk(page);
  await desk.openBook();
  await page.getByRole('link', { name: 'Bilge Lamp Blues', exact: true }).click();
  await desk.screen('Chart');
  await show(page, 'Melody');
  await expect(page.locator('.melody-note').first()).toHaveAttribute('aria-label', 'root of B♭7');
  await expect(page.locator('.melody-phrases li').first()).toContainText('bars 1–2');
});

test('a scale kept for each chord of a section is read, heard, printed, moved and found again', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('key: C\n[A]\n| Dm7 | G7 |\n[B]\n| Cmaj7 | A7 |');
  await desk.screen('Chart');
  await show(page, 'Scales');
  await page.getByRole('button', { name: 'Keep it in A' }).click();
  const cells = page.locator('.scale-cell');
  await expect(cells).toHaveCount(4);
  await expect(cells.nth(0)).toContainText('D Dorian');
  await expect(cells.nth(1)).toContainText('G Mixolydian');
  await expect(cells.nth(2)).toContainText('no scale kept');
  await expect(page.getByRole('img', { name: 'G Mixolydian: G A B C D E F' })).toBeVisible();

  // Another one from the panel of the chord in hand, compared with the first by ear.
  await cells.nth(1).getByRole('button').click();
  await page.getByRole('button', { name: 'Hear G Mixolydian, then G altered' }).click();
  await page.getByRole('button', { name: 'Keep G altered for this chord' }).click();
  await expect(cells.nth(1)).toContainText('G altered');
  await expect(cells.nth(1).locator('.scale-degrees')).toHaveText('R♭9♯93♯11♭13♭7');

  // Heard over the band, and read by a horn.
  await page.getByRole('button', { name: 'Hear them over the band' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('combobox', { name: 'Written for' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'B♭ part' }).click();
  await expect(cells.nth(1)).toContainText('A altered');
  await page.emulateMedia({ media: 'print' });
  await expect(cells.nth(1).locator('.scale-staff')).toBeVisible();
  await expect(aside(page)).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('combobox', { name: 'Written for' }).click();
  await page.locator('.ant-select-item-option', { hasText: 'Concert' }).click();

  // Undone and redone, saved, and used for voicings.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cells.nth(1)).toContainText('G Mixolydian');
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('button', { name: 'Voice with them' }).click();
  await expect(page.locator('.save-note')).toContainText('saved');
  await page.reload();
  await show(page, 'Scales');
  await expect(cells.nth(1)).toContainText('G altered');
  await desk.screen('Voice');
  await desk.chords.nth(1).click();
  await expect(page.getByText('Scale: G altered')).toBeVisible();

  // The chord becomes another: its scale is told of, the other stays.
  await desk.screen('Chart');
  await expect(cells.nth(1)).toContainText('G altered');
  await show(page, 'Text');
  await desk.changes.fill('key: C\n[A]\n| Dm7 | Gmaj7 |\n[B]\n| Cmaj7 | A7 |');
  await show(page, 'Scales');
  await expect(cells.nth(0)).toContainText('D Dorian');
  await expect(cells.nth(1)).toContainText('no scale kept');
  // The scale, and the one opened over the chord for voicings.
  await page.getByRole('button', { name: '2 no longer fit' }).click();
  const misfits = page.getByRole('list', { name: 'No longer fits' });
  await expect(misfits).toContainText('altered kept for G7');
  await expect(misfits).toContainText('altered opened over G7');
});

test('notes shared on a change are shown, and the lines that hold longest are built voice by voice and heard', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('key: C\n| Dm7 | G7 | Cmaj7 | % |');
  await desk.screen('Chart');
  await expect(page.locator('.chord-panel')).toContainText('Shared with G7, next');
  await expect(page.locator('.chord-panel')).toContainText('Of the chords D, F');
  await show(page, 'Landmarks');
  const held = page.getByRole('region', { name: 'Notes to hold' });
  await expect(held.getByRole('listitem')).toHaveText([/^F over Dm7 G7 then E over Cmaj7/]);
  await held.getByText('Two', { exact: true }).click();
  await expect(held.getByRole('listitem')).toHaveText([
    /^F over Dm7 G7 then E over Cmaj7/,
    /^C over Dm7 then B over G7 Cmaj7/,
  ]);
  await held.getByText('Of their scales').click();
  await expect(held.getByRole('listitem').first()).toHaveText(/^[A-G] over Dm7 G7 Cmaj7/);
  await held.getByRole('button', { name: 'Hear them held over the band' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
});
