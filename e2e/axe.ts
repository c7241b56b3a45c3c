import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const TAGS = { type: 'tag' as const, values: ['wcag2a', 'wcag2aa'] };
const COLOURS = { type: 'rule' as const, values: ['color-contrast'] };

export type Light = 'house' | 'stage';

/** Opens the application in a light. */
export const inLight = (page: Page, light: Light): Promise<unknown> =>
  page.addInitScript((chosen) => {
    localStorage.setItem(
      'drop-close light',
      JSON.stringify({ state: { light: chosen }, version: 0 }),
    );
  }, light);

/** Whether what is on the page stands up to the accessibility rules. */
export async function standsUp(page: Page, light: Light): Promise<void> {
  // Colours are judged where they end, not on the way.
  await page.addStyleTag({ content: '* { transition: none !important }' });
  // Names, roles and order are the same in both lights; colours are not.
  // What passes need not be told: there are thousands of marks on a page.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  const only = light === 'house' ? TAGS : COLOURS;
  const asked = axe.options({ resultTypes: ['violations'], runOnly: only });
  const { violations } = await asked.analyze();
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html ?? ''}`);
  expect(found).toEqual([]);
}
