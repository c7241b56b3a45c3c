import { parseChart, timeline } from '@drop-close/core';
import { tappedHit } from './tap';

const composed = { timeline: timeline(parseChart('| Dm7 | G7 |').chart) };
const SWUNG = 2 / 3;

describe('a tap in time', () => {
  it('falls on the nearest eighth', () => {
    expect(tappedHit(composed, 1.06, 1.1, 0.5)).toMatchObject({ bar: 1, at: 480, hold: 'short' });
    expect(tappedHit(composed, 5.45, 5.5, 0.5)).toMatchObject({ bar: 2, at: 720 });
  });
  it('is written straight though it was tapped with the swing', () => {
    expect(tappedHit(composed, 1 + SWUNG, 1.8, SWUNG)).toMatchObject({ bar: 1, at: 720 });
  });
  it('is the next bar’s one when it comes a little early', () => {
    expect(tappedHit(composed, 3.95, 4, SWUNG)).toMatchObject({ bar: 2, at: 0 });
  });
  it('is held as long as the key is', () => {
    expect(tappedHit(composed, 0, 1.5, 0.5)).toMatchObject({ hold: 'full', length: 720 });
  });
  it('is nothing after the last bar and before the first', () => {
    expect(tappedHit(composed, 8.1, 8.2, 0.5)).toBeUndefined();
    expect(tappedHit(composed, -2, -1.9, 0.5)).toBeUndefined();
  });
});
