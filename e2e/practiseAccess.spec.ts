import type { Page } from '@playwright/test';
import { inLight, standsUp } from './axe';
import { expect, test } from './desk';
import { goTo, over, tunePath, type Screen } from './screens';

/** What is seen of practice beside its screens: layers, drills, forms. */
async function inPractice(page: Page): Promise<readonly Screen[]> {
  const tune = `${await tunePath(page, 'Loose Gangway')}/practise`;
  return [
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
    for (const screen of await inPractice(page)) {
      await goTo(page, screen);
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
    for (const screen of await inPractice(page)) {
      await goTo(page, screen);
      expect([screen, await over(page)]).toEqual([screen, 0]);
    }
  });
}
