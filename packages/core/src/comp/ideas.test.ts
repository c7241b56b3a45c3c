import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { ticks } from '../base/units';
import type { Hit } from './base/types';
import { heldFor, swelled } from './ideas';

const FOUR_BARS = timeline(parseChart('| Dm7 | G7 | Cmaj7 | A7 |').chart);

/** A hit on a beat of a bar, so many quarters long. */
const hit = (bar: number, beat: number, quarters = 0.5): Hit => ({
  ...{ bar, at: ticks((beat - 1) * 480), length: ticks(quarters * 480) },
  ...{ hold: quarters > 0.5 ? 'full' : 'short', touch: 'plain', accent: false },
});

const shown = (hits: readonly Hit[]): string =>
  hits.map(({ bar, at, length }) => `${bar}:${at / 480 + 1} ${length / 480}`).join(', ');

describe('hits that grow', () => {
  const hits = [hit(1, 1), hit(1, 3), hit(2, 1), hit(2, 2), hit(2, 4), hit(3, 1)];
  const loudness = (all: readonly Hit[]) => all.map((each) => each.loudness ?? '-').join(' ');

  it('go from very soft to very loud up to the end of a bar', () => {
    expect(loudness(swelled(hits, hits[0]!, 2, 'louder'))).toBe('1 2 3 4 5 -');
  });
  it('or fade, from where one stands', () => {
    expect(loudness(swelled(hits, hits[1]!, 3, 'softer'))).toBe('- 5 4 3 2 1');
  });
  it('stay as they are where there is but one', () => {
    expect(swelled(hits, hits[5]!, 4, 'louder')).toEqual(hits);
  });
});

describe('a chord that is held, with what follows moved along', () => {
  const hits = [hit(1, 1, 2.5), hit(1, 4), hit(1, 4.5), hit(3, 1), hit(3, 2)];

  it('moves the idea that follows, over the bar line, and leaves the one after the rest', () => {
    expect(shown(heldFor(hits, hits[0]!, ticks(3.5 * 480), FOUR_BARS))).toBe(
      '1:1 3.5, 2:1 0.5, 2:1.5 0.5, 3:1 0.5, 3:2 0.5',
    );
    expect(shown(heldFor(hits, hits[0]!, ticks(4.5 * 480), FOUR_BARS))).toBe(
      '1:1 4.5, 2:2 0.5, 2:2.5 0.5, 3:1 0.5, 3:2 0.5',
    );
  });
  it('goes there and back', () => {
    const longer = heldFor(hits, hits[0]!, ticks(4.5 * 480), FOUR_BARS);
    expect(heldFor(longer, longer[0]!, ticks(2.5 * 480), FOUR_BARS)).toEqual(hits);
  });
  it('leaves where it is what would leave the chorus', () => {
    const late = [hit(4, 1, 1), hit(4, 4)];
    expect(shown(heldFor(late, late[0]!, ticks(2.5 * 480), FOUR_BARS))).toBe('4:1 2.5, 4:4 0.5');
    const on = [hit(4, 1, 2.5), hit(4, 4.5)];
    expect(shown(heldFor(on, on[0]!, ticks(3.5 * 480), FOUR_BARS))).toBe('4:1 3.5, 4:4.5 0.5');
  });
});
