import { Desk, expect, test } from './desk';

test('an unreadable chord is marked where it stands; the rest is voiced; the text is kept', async ({
  page,
}) => {
  const desk = new Desk(page);
  const text = '| Dm7 | Gm77 | Cmaj7 |';
  await desk.newTune(text);
  const mend = page.getByRole('list', { name: 'To correct' });
  await expect(mend).toContainText('line 1, column 12');
  await expect(mend).toContainText('Gm77: "7" cannot stand here: the chord already has a 7.');
  await expect(page.locator('.sheet-unreadable')).toContainText('Gm77? Gm7');
  await desk.screen('Voice');
  await expect(desk.chords).toHaveCount(2);
  await desk.saved();
  await page.reload();
  await page.getByRole('link', { name: '1 place in the chart to correct' }).click();
  await desk.reads(text);
  await page.getByRole('button', { name: 'Read it as Gm7' }).click();
  await desk.reads('| Dm7 | Gm7 | Cmaj7 |');
  await expect(mend.getByRole('listitem')).toHaveCount(0);
});

const HELPLESS: [name: string, text: string, message: string][] = [
  ['no chords', '', 'There are no chords here yet: type changes between bar lines'],
  [
    '2000 bars',
    '| C6 '.repeat(2000),
    'A chart holds up to 500 bars; what follows here is not read.',
  ],
  [
    'a page of prose',
    'The ferry leaves the quay at seven and the trio sets up on the aft deck before the light goes. '.repeat(
      20,
    ),
    'This reads like prose, not changes',
  ],
];
for (const [name, text, message] of HELPLESS) {
  test(`${name} gets a plain message`, async ({ page }) => {
    const desk = new Desk(page);
    await desk.newTune(text);
    await expect(page.getByRole('list', { name: 'To correct' }).getByRole('listitem')).toHaveCount(
      1,
    );
    await expect(page.getByRole('list', { name: 'To correct' })).toContainText(message);
    await desk.saved();
    expect(await desk.storedText()).toBe(text);
  });
}

test('a chord that the family does not voice says why, and is lent the nearest that does', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.newTune('| C | F7 | G7 |');
  await desk.screen('Voice');
  await desk.family('rootless');
  const lent = page
    .getByRole('list', { name: 'About the choice of voicings' })
    .getByRole('listitem');
  await expect(lent).toHaveCount(1);
  await expect(lent).toContainText('C is in spread instead: there is no form of rootless');
  await expect(desk.chords).toHaveCount(3);
  await lent.getByRole('button').click();
  await expect(desk.panel).toContainText('spread');
});

test('an address that names nothing says so', async ({ page, quiet }) => {
  quiet.allow(/404/);
  await page.goto('/nowhere');
  await expect(page.getByText('There is no such page')).toBeVisible();
  await page.goto('/tune/00000000-0000-4000-8000-000000000000/voice');
  await expect(page.getByRole('alert')).toContainText('There is no tune with the id');
});
