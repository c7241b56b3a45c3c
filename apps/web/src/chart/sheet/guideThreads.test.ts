import { parseChart, timeline } from '@drop-close/core';
import { demoTexts } from '../../testing/demo';
import { guideTonesOf, threadsOver, type GuideThread } from './guideThreads';
import { layoutSheet } from './layout';

function threadsOf(text: string): GuideThread[][] {
  const { chart } = parseChart(text);
  const time = timeline(chart);
  const tones = guideTonesOf(time);
  return layoutSheet(chart, time, undefined).flatMap(({ lines }) =>
    lines.map((line) => threadsOver(line, tones)),
  );
}

it('of a ii–V–I one thread is held and then falls a half step, the other falls and is then held', () => {
  const [line] = threadsOf('| Dm7 | G7 | Cmaj7 |');
  const kinds = line!.map(({ pieces }) => pieces.map(({ kind }) => kind).join(', ')).sort();
  expect(kinds).toEqual([
    'held, sounding, half step, sounding',
    'sounding, half step, held, sounding',
  ]);
});

it('a guide tone stands where its chord stands, the third chord of three bars at 2', () => {
  const [line] = threadsOf('| Dm7 G7 | Cmaj7 | F7 |');
  expect(line![0]!.nodes.map(({ x }) => x)).toEqual([0, 0.5, 1, 2]);
});

it('over every demo tune threads stay within their line, and each piece begins where the last one ended', () => {
  let pieces = 0;
  for (const text of demoTexts()) {
    for (const line of threadsOf(text)) {
      for (const { nodes, pieces: own } of line) {
        for (const { x, y } of nodes) {
          expect(x).toBeGreaterThanOrEqual(0);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(1);
        }
        own.slice(1).forEach(({ from }, at) => {
          const { x, y } = own[at]!.to;
          expect([from.x, from.y]).toEqual([x, y]);
        });
        pieces += own.length;
      }
    }
  }
  expect(pieces).toBeGreaterThan(600);
});

it('a line without chords has no threads', () => {
  expect(threadsOf('| N.C. |')).toEqual([[]]);
});
