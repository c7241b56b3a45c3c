import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { SCREEN_NOTES, screenAt } from './screens';

it('an address has the note of its screen', () => {
  expect(screenAt('/book')?.title).toBe('The book');
  expect(screenAt('/tune/4f/voice')?.title).toBe('Voice');
  expect(screenAt('/set/4f/take-away')?.title).toBe('Take a set away');
  expect(screenAt('/practise/holes')?.title).toBe('Map of holes');
  expect(screenAt('/nowhere')).toBeUndefined();
});

it('a screen is told in one to three short paragraphs', () => {
  for (const { what } of SCREEN_NOTES) {
    expect(what.length).toBeLessThanOrEqual(3);
    for (const paragraph of what) expect(paragraph.split(' ').length).toBeLessThan(50);
  }
});

it('every address of the application has a note', () => {
  const app = readFileSync(resolve(__dirname, '../app/App.tsx'), 'utf8');
  const inTune = app.indexOf('path="tune/:id"');
  const paths = [...app.matchAll(/path="([^"*]+?)(?:\/\*)?" element/g)].map((match) => {
    const [, path = ''] = match;
    return match.index > inTune ? `/tune/4f/${path}` : `/${path.replace(':id', '4f')}`;
  });
  // A tune by itself leads on to its Voice screen.
  const shown = paths.filter((path) => path !== '/tune/4f');
  expect(shown).toHaveLength(14);
  expect(shown.filter((path) => !screenAt(path))).toEqual([]);
});
