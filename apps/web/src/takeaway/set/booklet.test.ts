import { leadSheet, parseChart } from '@drop-close/core';
import { USUAL_LOOK } from '../pages';
import { bookletOf } from './booklet';

const tune = (title: string, bars: number) => ({
  title,
  score: leadSheet({
    ...{ title, chart: parseChart('| C '.repeat(bars)).chart, key: 'C', tempo: 120 },
    feel: 'swing',
  }),
});

it('a booklet has its contents first, and every tune on a page of its own', () => {
  const { contents, pages, total } = bookletOf(
    [tune('Rope', 12), tune('Chain', 200), tune('Rope', 12)],
    USUAL_LOOK,
    String,
  );
  const long = contents[2]!.page - contents[1]!.page;
  expect(contents.map(({ title, page }) => [title, page])).toEqual([
    ['Rope', 2],
    ['Chain', 3],
    ['Rope', 3 + long],
  ]);
  expect(long).toBeGreaterThan(1);
  expect(total).toBe(pages.length + 1);
  expect(pages.filter(({ isFirst }) => isFirst)).toHaveLength(3);
});
