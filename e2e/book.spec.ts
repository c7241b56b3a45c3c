import type { Locator, Page } from '@playwright/test';
import { centreOf, Desk, drag, expect, test } from './desk';

const titles = (page: Page): Locator => page.locator('.book-table tbody th a:first-child');

test('a tune is found by landmark, form and title, and the search stands in the address', async ({
  page,
}) => {
  const desk = new Desk(page);
  await desk.openBook();
  await desk.option('Landmark', 'dominant-cycle bridge');
  await expect(titles(page)).toHaveText(['Loose Gangway']);
  await page.reload();
  await expect(titles(page)).toHaveText(['Loose Gangway']);
  await page.getByRole('button', { name: 'Show all' }).click();
  await desk.option('Form', '32-bar ABAC');
  await expect(titles(page)).toHaveText(['Half Past the Tide']);
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('textbox', { name: 'Search the book' }).fill('lantern');
  await expect(titles(page)).toHaveText(['The Second Lantern']);
  await page.getByRole('textbox', { name: 'Search the book' }).fill('no such tune');
  await expect(page.getByText('No tune matches.')).toBeVisible();
});

test('a set is made by dragging, put in order by dragging, and thrown away and put back', async ({
  page,
}) => {
  const desk = new Desk(page);
  // Of its own, so that the test can be repeated on one database.
  const boat = `Late boat ${test.info().repeatEachIndex + 1}`;
  await desk.openBook();
  await page.getByRole('button', { name: 'New set' }).click();
  const name = page.getByRole('textbox', { name: 'Name of the set' });
  await name.fill(boat);
  await name.press('Enter');
  const set = page
    .getByRole('navigation', { name: 'Sets' })
    .getByRole('link', { name: new RegExp(`^${boat}`) });
  await expect(set).toBeVisible();
  await page.getByRole('link', { name: 'All tunes' }).click();
  const ontoSet = async (title: string): Promise<void> => {
    const row = page.getByRole('button', { name: `Drag “${title}” on a set` });
    await drag(
      page,
      await centreOf(row),
      await centreOf(set),
      new RegExp(`over the set “${boat}”`),
    );
  };
  await ontoSet('Ebb at Nine');
  await expect(set).toHaveText(`${boat} 1`);
  await ontoSet('Fog Signal');
  await expect(set).toHaveText(`${boat} 2`);
  await page.getByRole('button', { name: 'What to do with “Bilge Lamp Blues”' }).click();
  await page.getByRole('menuitem', { name: 'Put into set' }).hover();
  await page.getByRole('menuitem', { name: boat }).click();
  await expect(set).toHaveText(`${boat} 3`);

  await set.click();
  await expect(titles(page)).toHaveText(['Ebb at Nine', 'Fog Signal', 'Bilge Lamp Blues']);
  const handle = (title: string) =>
    page.getByRole('button', { name: new RegExp(`^Move “${title}”`) });
  const [third, first] = [handle('Bilge Lamp Blues'), handle('Ebb at Nine')];
  await drag(page, await centreOf(third), await centreOf(first), /over place 1 of/);
  await expect(titles(page)).toHaveText(['Bilge Lamp Blues', 'Ebb at Nine', 'Fog Signal']);
  await page.reload();
  await expect(titles(page)).toHaveText(['Bilge Lamp Blues', 'Ebb at Nine', 'Fog Signal']);

  await test.step('by keyboard too', async () => {
    await handle('Bilge Lamp Blues').focus();
    await page.keyboard.press('Space');
    const told = page.locator('[id^=DndLiveRegion]');
    await expect(told).toContainText(/^place 1 of “Late boat .” is over place 1/);
    await page.keyboard.press('ArrowDown');
    await expect(told).toContainText(/over place 2 of/);
    await page.keyboard.press('Space');
    await expect(titles(page)).toHaveText(['Ebb at Nine', 'Bilge Lamp Blues', 'Fog Signal']);
  });

  await page.getByRole('button', { name: 'What to do with “Fog Signal”' }).click();
  await page.getByRole('menuitem', { name: 'Remove from this set' }).click();
  await expect(titles(page)).toHaveText(['Ebb at Nine', 'Bilge Lamp Blues']);
  await page.getByRole('button', { name: 'Throw this set away' }).click();
  await expect(set).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(set).toHaveText(`${boat} 2`);
});

test('a tune is copied, and the copy goes its own way', async ({ page }) => {
  const desk = new Desk(page);
  await desk.newTune('| C6 |');
  await page.getByRole('textbox', { name: 'Title' }).fill('Ballast');
  await page.getByRole('textbox', { name: 'Title' }).press('Enter');
  await desk.saved();
  await desk.openBook();
  await page.getByRole('button', { name: 'What to do with “Ballast”' }).click();
  await page.getByRole('menuitem', { name: 'Copy this tune' }).click();
  await page.getByRole('link', { name: 'Ballast (copy)' }).click();
  await desk.screen('Chart');
  await desk.changes.fill('| F6 |');
  await desk.saved();
  await desk.openBook();
  await page.getByRole('link', { name: 'Ballast', exact: true }).click();
  await desk.screen('Chart');
  await desk.reads('| C6 |');
});
