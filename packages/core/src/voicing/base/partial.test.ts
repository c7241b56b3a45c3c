import { chord } from '../../testing/builders';
import { rooms } from '../data';
import { materialOf } from './material';
import { distinct, leastNeeded, thinned, unrooted } from './partial';
import { closePositions, stackUp } from './stacks';
import type { Degree } from '../../chord/degrees';

const material = (symbol: string, room = rooms.alone) =>
  materialOf(chord(symbol), { room, tensions: 'as written' });
const tonesOf = (degrees: string): { degree: Degree }[] =>
  degrees.split(' ').map((degree) => ({ degree: degree as Degree }));
/** Degrees in the order in which they are left out. */
function leftOut(symbol: string, degrees: string): string {
  let tones = tonesOf(degrees);
  const gone: string[] = [];
  while (tones.length > 1) {
    const least = leastNeeded(tones, material(symbol))!;
    gone.push(least.degree);
    tones = tones.filter((tone) => tone !== least);
  }
  return gone.join(' ');
}

describe('what a chord can do without, least needed first (common practice)', () => {
  it.each([
    ['Cmaj7', 'R 3 5 7', 'R 5 3'],
    ['C9', 'R 3 5 b7 9', 'R 5 9 3'],
    ['C7b9', 'R 3 5 b7 b9', 'R 5 b9 3'],
    ['C13', 'R 3 b7 13', 'R 13 3'],
    ['C7#5', 'R 3 #5 b7', 'R #5 3'],
    ['Cm7b5', 'R b3 b5 b7', 'R b5 b3'],
    ['C6', 'R 3 5 6', 'R 5 3'],
    ['C', 'R 3 5', '5 R'],
  ])('of %s with %s: %s', (symbol, degrees, order) => {
    expect(leftOut(symbol, degrees)).toBe(order);
  });

  it('a doubled tone goes first, whichever it is', () => {
    expect(leastNeeded(tonesOf('3 R 7 3'), material('Cmaj7'))?.degree).toBe('3');
  });

  it('a colour nobody asked for goes before one the symbol writes', () => {
    expect(leastNeeded(tonesOf('3 b7 9 13'), material('C13'))?.degree).toBe('9');
  });
});

describe('a stack with less in it', () => {
  it('says what is missing, and keeps the rest where it was', () => {
    const stack = thinned(stackUp(['R', '3', '5', '7']), material('Cmaj7'), 3);
    expect(stack.tones.map(({ height }) => height as number)).toEqual([4, 7, 11]);
    expect(stack.without).toEqual(['R']);
    expect(stack.inversion).toBe(1);
  });

  it('remembers what was missing before', () => {
    const twice = thinned(
      thinned(stackUp(['R', '3', '5', '7']), material('Cmaj7'), 3),
      material('Cmaj7'),
      2,
    );
    expect(twice.without).toEqual(['R', '5']);
  });

  it('leaves the root to the bass only where somebody plays it and two tones remain', () => {
    const shell = stackUp(['R', '3', '7']);
    expect(unrooted(shell, material('Cmaj7'))).toEqual([shell]);
    expect(unrooted(shell, material('Cmaj7', rooms.bass)).map(({ without }) => without)).toEqual([
      ['R'],
    ]);
    expect(unrooted(stackUp(['R', '5']), material('Cmaj7', rooms.bass))).toEqual([]);
  });

  it('keeps a root inside or on top, for those who ask for it there', () => {
    const inside = stackUp(['3', '5', '7', 'R']);
    expect(unrooted(inside, material('Cmaj7', rooms.bass))).toEqual(
      [stackUp(['3', '5', '7'], 3), inside].map((stack, at) =>
        at ? stack : { ...stack, without: ['R'] },
      ),
    );
  });
});

it('counts two stacks that sound alike over their bass once', () => {
  const four = closePositions(['R', '3', '5', '7']);
  expect(distinct([...four, ...four])).toHaveLength(4);
});
