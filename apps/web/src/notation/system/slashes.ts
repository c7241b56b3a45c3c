import type { ScoreMeasure } from '@drop-close/core';
import type { RenderContext, Stave } from 'vexflow/bravura';

const INSET = 14;
const WIDE = 10;
const THICK = 3.2;
/** In ticks. */
const WHOLE = 1920;

/** A slash on every beat. @returns where each stands, by its time */
export function drawSlashes(
  context: RenderContext,
  { meter, length }: ScoreMeasure,
  stave: Stave,
): ReadonlyMap<number, number> {
  const xs = new Map<number, number>();
  const [start, end] = [stave.getNoteStartX(), stave.getNoteEndX()];
  const beats = Math.max(1, Math.round(length / (WHOLE / meter.unit)));
  const step = (end - start) / beats;
  const [top, bottom] = [stave.getYForLine(1), stave.getYForLine(3)];
  context.setLineWidth(THICK);
  for (let beat = 0; beat < beats; beat += 1) {
    const x = start + step * beat + INSET;
    xs.set((length / beats) * beat, x - WIDE / 2);
    context.beginPath();
    context.moveTo(x - WIDE / 2, bottom);
    context.lineTo(x + WIDE / 2, top);
    context.stroke();
  }
  context.setLineWidth(1);
  return xs;
}
