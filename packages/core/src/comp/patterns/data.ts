import type { Feel } from '../../chart/types';
import type { Density, Pattern, PatternFamily } from './types';

type Row = readonly [id: string, label: string, density: Density, ...bars: string[]];

const rows = (
  family: PatternFamily,
  quarters: Pattern['quarters'],
  feels: readonly Feel[],
  ...patterns: Row[]
): Pattern[] =>
  patterns.map(([id, label, density, ...bars]) => ({
    ...{ id, label, family, quarters, density, feels, bars },
  }));

/** Columns: id, what a player calls it, density, bars. Source: common practice. */
export const PATTERNS: readonly Pattern[] = [
  ...rows(
    'four to the bar',
    4,
    ['swing', 'shuffle', 'ballad'],
    ['four', 'four to the bar', 4, 'x.x.x.x.'],
    ['four-backbeat', 'four to the bar, two and four stronger', 4, 'x.X.x.X.'],
    ['four-skip', 'four to the bar with a skip', 5, 'x.x.x.xx'],
  ),
  ...rows(
    'two-feel',
    4,
    ['swing', 'ballad', 'shuffle', 'straight', 'latin'],
    ['two', 'on one and three', 2, 'o---o---'],
    ['two-back', 'on two and four', 2, '..x...x.'],
    ['two-late', 'on one, and before four', 2, 'o----x..'],
  ),
  ...rows(
    'Charleston',
    4,
    ['swing', 'shuffle', 'straight', 'latin'],
    ['charleston', 'Charleston', 3, 'o--x....'],
    ['charleston-1and', 'Charleston an eighth late', 3, '.o--x...'],
    ['charleston-2', 'Charleston from two', 3, '..o--x..'],
    ['charleston-2and', 'Charleston from the and of two', 3, '...o--x.'],
    ['charleston-3', 'Charleston from three', 3, '....o--x'],
    ['charleston-back', 'Charleston turned round', 3, 'x....o--'],
    ['charleston-twice', 'Charleston and its answer', 4, 'o--x..x.'],
  ),
  ...rows(
    'pushes',
    4,
    ['swing', 'shuffle', 'straight', 'latin'],
    ['push', 'pushed into the next bar', 2, '.......o>'],
    ['push-middle', 'pushed into three and the next bar', 3, '...o---o>'],
    ['push-answer', 'on one, pushed into the next bar', 3, 'x......o>'],
    ['push-three', 'three pushes in a row', 4, '.x..x..o>'],
  ),
  ...rows(
    'answers',
    4,
    ['swing', 'ballad', 'shuffle', 'straight', 'latin'],
    ['answer-2', 'one short on two', 1, '..x.....'],
    ['answer-2and', 'one short on the and of two', 1, '...x....'],
    ['answer-4', 'one short on four', 1, '......x.'],
    ['answer-two', 'two short ones late in the bar', 2, '.....xx.'],
    ['answer-bar', 'a bar of nothing, then an answer', 1, '........', '...xo---'],
  ),
  ...rows(
    'let ring',
    4,
    ['ballad', 'swing', 'straight', 'latin'],
    ['ring', 'on one, left to ring', 1, '~-------'],
    ['ring-late', 'after one, left to ring', 1, '.~------'],
    ['ring-three', 'on one and three, left to ring', 2, '~---~---'],
  ),
  ...rows(
    'waltz',
    3,
    ['waltz', 'swing', 'straight', 'ballad'],
    ['waltz-ring', 'on one, left to ring', 1, '~-----'],
    ['waltz-two', 'on two and three', 3, '..x.x.'],
    ['waltz-dotted', 'on one and the and of two', 3, 'o--x..'],
    ['waltz-late', 'held from two', 2, '..o---'],
    ['waltz-push', 'pushed into the next bar', 2, '.....o>'],
    ['waltz-pair', 'two against three over two bars', 4, 'o--x--', '..o--x'],
  ),
  ...rows(
    'bossa',
    4,
    ['latin', 'straight'],
    ['bossa', 'bossa, two bars', 4, 'o--x--o-', '..x..x..'],
    ['bossa-push', 'bossa, pushed over the bar', 4, 'o--x...o>', '..x..x..'],
    ['bossa-light', 'bossa, light', 3, 'o-....x.', '...x..x.'],
  ),
];
