import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const TAGS = {
  type: 'tag' as const,
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
};
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
  expect(await faultsOf(page, light)).toEqual([]);
}

/** What of the page breaks the accessibility rules: of each rule the first place. */
export async function faultsOf(page: Page, light: Light): Promise<string[]> {
  // Colours are judged where they end, not on the way; what is under the transport is scrolled from under it.
  await page.addStyleTag({
    content: '* { transition: none !important } .transport { position: static !important }',
  });
  // Names, roles and order are the same in both lights; colours are not.
  // What passes need not be told: there are thousands of marks on a page.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  const only = light === 'house' ? TAGS : COLOURS;
  const asked = axe.options({ resultTypes: ['violations'], runOnly: only });
  const { violations } = await asked.analyze();
  // A hit stands where it sounds, which is essential to it (2.5.8); keys and the panel reach it too.
  return violations.flatMap(({ id, nodes }) =>
    nodes
      .filter(({ html }) => !(id === 'target-size' && html.includes('class="hit ')))
      .map(({ html }) => `${id}: ${html}`)
      .slice(0, 1),
  );
}
