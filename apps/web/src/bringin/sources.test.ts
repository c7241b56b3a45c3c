import { readPasted } from '@drop-close/core';
import { groupsOf, offeredTunes } from './sources';

const incoming = readPasted('Rope\n| Dm7 | G7 |\n---\nChain\n| Gm7 | C7 |');

describe('tunes that are offered', () => {
  const source = { id: 'text', incoming };
  it('are all that were read, called as the player says', () => {
    const offered = offeredTunes([source], { 'text 1': { title: 'Anchor Chain' } });
    expect(offered.map(({ title, isWanted }) => [title, isWanted])).toEqual([
      ['Rope', true],
      ['Anchor Chain', true],
    ]);
  });
  it('can be left out, and are none where nothing was read', () => {
    const [first, second] = offeredTunes([source], { 'text 0': { leftOut: true } });
    expect([first!.isWanted, second!.isWanted]).toEqual([false, true]);
    expect(offeredTunes([{ id: 'x', problem: 'No.' }], {})).toEqual([]);
    expect(offeredTunes([{ id: 'x', incoming: readPasted('Dear all,') }], {})).toEqual([]);
  });
});

it('what is sent goes in groups, each as large as one request holds, all of it in order', () => {
  const items = Array.from({ length: 250 }, (_, at) => 'x'.repeat(at));
  const groups = groupsOf(items, 2000, 100);
  expect(groups.flat()).toEqual(items);
  for (const group of groups) {
    expect(group.length).toBeLessThanOrEqual(100);
    expect(group.join('""').length <= 2100 || group.length === 1).toBe(true);
  }
});
