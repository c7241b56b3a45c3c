import { Desk, expect, test } from './desk';

test('a ukulele voices a tune, keeps its own locks and has its own place in the profile', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| Dm7 | G7 | Cmaj7 | A7 |');
  await desk.screen('Voice');
  await desk.instrument('Ukulele');
  await desk.family('close');
  const second = desk.chords.nth(1);
  await second.click();
  await expect(second).toHaveAccessibleName(/^G7, bar 2 beat 1, [A-G ]{7}$/);
  await expect(desk.panel.getByText(/^\d+ mm, /)).toBeVisible();
  await page.keyboard.press('l');
  await expect(second).toHaveAccessibleName(/locked/);
  await desk.saved();
  await desk.instrument('Guitar');
  await expect(second).not.toHaveAccessibleName(/locked/);
  await desk.instrument('Ukulele');
  await expect(second).toHaveAccessibleName(/locked/);
  await desk.saved();
  await page.reload();
  await expect(second).toHaveAccessibleName(/locked/);
  await page.getByRole('tab', { name: 'On paper' }).click();
  await expect(page.getByRole('img', { name: /^On the staff and in tab:/ })).toBeVisible();

  await page.getByRole('link', { name: 'Hands and instrument' }).click();
  const setUp = page.getByRole('radiogroup', { name: 'Instrument to set up' });
  await setUp.getByText('Ukulele').click();
  const section = page.getByRole('region', { name: 'Ukulele' });
  await expect(section.getByRole('spinbutton', { name: 'Frets' })).toHaveValue('15');
  await expect(section.getByText('Standard, G C E A')).toBeVisible();
  await section.getByRole('spinbutton', { name: 'Frets' }).fill('18');
  await expect(page.getByRole('status').first()).toHaveText('saved');
  await setUp.getByText('Guitar').click();
  await expect(page.getByRole('spinbutton', { name: 'Frets' })).toHaveValue('20');
  await page.reload();
  await setUp.getByText('Ukulele').click();
  await expect(page.getByRole('spinbutton', { name: 'Frets' })).toHaveValue('18');
});

test('a ukulele grip is clicked on its own four strings and read as the chord', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| G7 |');
  await desk.screen('Voice');
  await desk.instrument('Ukulele');
  await page.getByRole('button', { name: 'Enter by hand' }).click();
  const board = page.getByRole('group', { name: 'Fretboard, string 1 on top' });
  await board.getByRole('button', { name: 'String 4, open, G4' }).click();
  await board.getByRole('button', { name: 'String 3, fret 2, D4' }).click();
  await board.getByRole('button', { name: 'String 2, fret 1, F4' }).click();
  await board.getByRole('button', { name: 'String 1, fret 2, B4' }).click();
  await expect(page.locator('.entry-words')).toContainText('5 ♭7 R 3');
  await expect(board.getByRole('button', { name: /^String 5/ })).toHaveCount(0);
});
