import type { ScoreMeasure } from '@drop-close/core';
import type { RenderContext, Stave } from 'vexflow/bravura';
import { spread, type Spot } from './makeRoom';
import { beatsOf, type Segment } from './segments';

const INSET = 14;
const WIDE = 10;
const THICK = 3.2;
/** A slash on every beat. @param segments what the bar needs from chord to chord @returns where moments stand */
export function drawSlashes(
  context: RenderContext,
  measure: ScoreMeasure,
  segments: readonly Segment[],
  stave: Stave,
): readonly Spot[] {
  const [start, end] = [stave.getNoteStartX() + INSET - WIDE / 2, stave.getNoteEndX()];
  const beats = beatsOf(measure);
  const even = beats.map((at, beat) => ({ at, x: start + ((end - start) * beat) / beats.length }));
  const { move, spots } = spread([...even, { at: measure.length, x: end }], segments);
  const [top, bottom] = [stave.getYForLine(1), stave.getYForLine(3)];
  context.setLineWidth(THICK);
  for (const x of even.map((each) => move(each.x))) {
    context.beginPath();
    context.moveTo(x, bottom);
    context.lineTo(x + WIDE, top);
    context.stroke();
  }
  context.setLineWidth(1);
  return spots;
}
