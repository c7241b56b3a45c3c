import { parseChart, timeline } from '@drop-close/core';
import { soundingAmong } from './soundingAmong';

const symbolAt = (text: string, at: number): string | undefined => {
  const time = timeline(parseChart(text).chart);
  return time.events[soundingAmong(time, at)]?.chord.symbol;
};

describe('the chord of a chart that sounds', () => {
  it.each([
    [0, 'Dm7'],
    // Between two chords of the chart, where the music may have one of its own.
    [1.5, 'Dm7'],
    [2, 'G7'],
    [7.9, 'Cmaj7'],
    // In the second chorus and the third.
    [8, 'Dm7'],
    [20, 'Cmaj7'],
  ])('%d quarters in is %s', (at, symbol) => {
    expect(symbolAt('| Dm7 G7 | Cmaj7 |', at)).toBe(symbol);
  });

  it('is that of the pickup before the first bar, and none before that', () => {
    const text = 'pickup: 1\n| A7 | Dm7 | G7 |';
    expect(symbolAt(text, -1)).toBe('A7');
    expect(symbolAt(text, 0)).toBe('Dm7');
    expect(symbolAt(text, -3)).toBeUndefined();
    expect(symbolAt('', 0)).toBeUndefined();
  });
});
