import type { Page } from '@playwright/test';
import { inLight, standsUp } from './axe';
import { expect, test } from './desk';

/** What is seen of practice, and a sign that it is there. */
async function screens(page: Page): Promise<readonly (readonly [string, string])[]> {
  const tunes = (await (await page.request.get('/api/tunes')).json()) as {
    id: string;
    title: string;
  }[];
  const tune = `/tune/${tunes.find(({ title }) => title === 'Loose Gangway')!.id}/practise`;
  return [
    ['/book', '.book-table'],
    ['/practise', '.due-row'],
    ['/practise/logbook', '.log-table'],
    ['/practise/holes', '.hole'],
    ['/practise/items', '.items tbody tr'],
    ['/practise/form?item=form+/+drop2+/+7+/+5432+/+1+/+C+F+Bb', '.form-grips svg'],
    ['/practise/form?item=form+/+rootless+/+m7+/+left+/+1+/+C+F+Bb', '.form-grips svg'],
    [`${tune}?layer=numbers`, '.line-chord'],
    [`${tune}?layer=arpeggios`, '.line-head'],
    [`${tune}?layer=shells`, '.chord-button'],
    [`${tune}?do=by-heart`, '.ladder-covered'],
    [`${tune}?do=drills&drill=name+the+degree`, '.drill-choices'],
    [`${tune}?do=drills&drill=find+the+guide+tones`, '.drill-notes'],
    [`${tune}?do=drills&drill=nearest+next+grip`, '.drill-grip'],
    [`${tune}?do=drills&drill=in+time&layer=shells`, '.phrase-symbols'],
  ];
}

for (const light of ['house', 'stage'] as const) {
  test(`the screens of practice stand up to the accessibility rules in ${light} light`, async ({
    page,
  }) => {
    await inLight(page, light);
    for (const [path, sign] of await screens(page)) {
      await page.goto(path);
      await expect(page.locator(sign).first()).toBeVisible();
      await standsUp(page, light);
    }
  });
}

for (const [name, width, height] of [
  ['tablet', 820, 1180],
  ['phone', 390, 844],
] as const) {
  test(`practice fits a ${name}: nothing goes over its edge`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const [path, sign] of await screens(page)) {
      await page.goto(path);
      await expect(page.locator(sign).first()).toBeVisible();
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect([path, over]).toEqual([path, 0]);
    }
  });
}
