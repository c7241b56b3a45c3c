import { parseChart } from '../../chart/parseChart';
import { timeline } from '../../chart/timeline';
import { layPattern, patternOf } from '../patterns/patterns';
import { withoutOverlaps } from './tidy';
import type { Hit } from './types';

const TWO_BARS = timeline(parseChart('| Dm7 | G7 |').chart);

const laid = (...ids: readonly string[]): Hit[] =>
  ids.flatMap((id, at) => layPattern(patternOf(id)!, at + 1, at + 1));
const shown = (hits: readonly Hit[]): string =>
  hits.map(({ bar, at, length }) => `${bar}:${at / 480 + 1} ${length / 480}`).join(', ');

describe('hits in a row', () => {
  it('end where the next begins', () => {
    const [ring] = laid('ring');
    const [, late] = laid('charleston');
    expect(shown(withoutOverlaps([ring!, late!], TWO_BARS))).toBe('1:1 1.5, 1:2.5 0.5');
  });
  it('do not strike again what a push has struck', () => {
    expect(shown(laid('push', 'charleston'))).toBe('1:4.5 1, 2:1 1.5, 2:2.5 0.5');
    expect(shown(withoutOverlaps(laid('push', 'charleston'), TWO_BARS))).toBe('1:4.5 1, 2:2.5 0.5');
  });
  it('stay as they are where none is written into the next', () => {
    const hits = laid('charleston', 'two');
    expect(withoutOverlaps(hits, TWO_BARS)).toEqual(hits);
  });
});
