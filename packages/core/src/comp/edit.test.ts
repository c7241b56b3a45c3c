import { parseChart } from '../chart/parseChart';
import { timeline } from '../chart/timeline';
import { ticks } from '../base/units';
import { copyBar, lengthenHit, moveHit, nudgeHit, withHit, withoutHit } from './edit';
import type { Hit } from './base/types';

const TIME = timeline(parseChart('| C6 | 3/4 F7 | C6 |').chart);

const hit = (bar: number, at: number, change: Partial<Hit> = {}): Hit => ({
  bar,
  at: ticks(at),
  length: ticks(240),
  hold: 'short',
  touch: 'plain',
  accent: false,
  ...change,
});
const places = (hits: readonly Hit[]): string =>
  hits.map(({ bar, at }) => `${bar}:${at}`).join(' ');

describe('hits in hand', () => {
  const hits = [hit(1, 0), hit(1, 720), hit(2, 0)];

  it('are put in, in order of time, and take the place of what stands there', () => {
    expect(places(withHit(hits, hit(1, 240)))).toBe('1:0 1:240 1:720 2:0');
    expect(withHit(hits, hit(1, 720, { accent: true }))[1]).toMatchObject({
      at: 720,
      accent: true,
    });
  });

  it('are taken out and moved', () => {
    expect(places(withoutHit(hits, hit(1, 720)))).toBe('1:0 2:0');
    expect(places(moveHit(hits, hit(1, 0), hit(2, 480)))).toBe('1:720 2:0 2:480');
    expect(places(moveHit(hits, hit(3, 0), hit(2, 480)))).toBe('1:0 1:720 2:0');
  });

  it('are nudged by an eighth, over the bar line too, and not beyond the chorus', () => {
    expect(nudgeHit(hits, hit(1, 720), 1, TIME).place).toEqual({ bar: 1, at: 960 });
    expect(nudgeHit(hits, hit(2, 0), -1, TIME).place).toEqual({ bar: 1, at: 1680 });
    expect(nudgeHit([hit(2, 1200)], hit(2, 1200), 1, TIME).place).toEqual({ bar: 3, at: 0 });
    expect(nudgeHit(hits, hit(1, 0), -1, TIME)).toEqual({ hits, place: hit(1, 0) });
  });

  it('are made longer, and then held; and never shorter than an eighth', () => {
    expect(lengthenHit(hits, hit(1, 0), 2)[0]).toMatchObject({ length: 720, hold: 'full' });
    expect(lengthenHit(hits, hit(1, 0), -3)[0]).toMatchObject({ length: 240, hold: 'short' });
  });

  it('are copied by the bar', () => {
    expect(places(copyBar(hits, 1, 2))).toBe('1:0 1:720 2:0 2:720');
    expect(places(copyBar(hits, 3, 1))).toBe('2:0');
  });
});
