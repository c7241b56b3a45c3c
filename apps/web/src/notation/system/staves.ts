import type { Score, ScoreMeasure, ScorePart } from '@drop-close/core';
import {
  BarlineType,
  type RenderContext,
  Stave,
  StaveConnector,
  TabStave,
  VoltaType,
} from 'vexflow/bravura';
import type { SystemPlace } from './types';
import { isNewMeter } from './widths';

/** The engraver leaves so much over a staff of its own, in pixels. */
const SPACE_ABOVE = 40;
/** The engraver draws endings so far over the upper line; they belong just under the top of the system, in pixels. */
const VOLTA_OVER = 60;
const VOLTA_INSET = 8;

interface Box {
  readonly x: number;
  readonly width: number;
}

/** The staves of one bar: clef and signature at the beginning of a line, the meter where it is new, bar lines, endings. */
export function drawStaves(
  context: RenderContext,
  score: Score,
  part: ScorePart,
  position: number,
  box: Box,
  place: SystemPlace,
): Stave[] {
  const measure = score.measures[position]!;
  const isFirst = position === place.first;
  const staves = part.staves.map((clef, at) => {
    const y = place.top + at * place.between - SPACE_ABOVE;
    const stave =
      clef === 'tab'
        ? new TabStave(box.x, y, box.width, { numLines: part.tuning.length })
        : new Stave(box.x, y, box.width);
    if (isFirst) begin(stave, score, part, at);
    if (clef !== 'tab' && isNewMeter(score.measures, position)) {
      stave.addTimeSignature(`${measure.meter.beats}/${measure.meter.unit}`);
    }
    barlines(stave, measure, position === score.measures.length - 1);
    if (at === 0) ending(stave, measure, VOLTA_OVER - place.top + VOLTA_INSET);
    return stave;
  });
  Stave.formatBegModifiers(staves);
  for (const stave of staves) stave.setContext(context).draw();
  connect(context, part, staves, isFirst);
  return staves;
}

function begin(stave: Stave, { key }: Score, part: ScorePart, at: number): void {
  const clef = part.staves[at]!;
  if (clef === 'tab') {
    stave.addClef('tab');
    return;
  }
  const below = part.staves.includes('tab') && part.writtenAbove > 0;
  stave.addClef(clef, 'default', below ? '8vb' : undefined);
  stave.addKeySignature(key);
}

function barlines(stave: Stave, { repeatStart, repeatEnd }: ScoreMeasure, isLast: boolean): void {
  if (repeatStart) stave.setBegBarType(BarlineType.REPEAT_BEGIN);
  if (repeatEnd) stave.setEndBarType(BarlineType.REPEAT_END);
  else if (isLast) stave.setEndBarType(BarlineType.END);
}

/** @param down from where the engraver would draw it, in pixels */
function ending(stave: Stave, { ending: own }: ScoreMeasure, down: number): void {
  if (!own) return;
  const open = own.begins ? VoltaType.BEGIN : VoltaType.MID;
  const closed = own.begins ? VoltaType.BEGIN_END : VoltaType.END;
  const number = own.begins ? `${own.number}.` : '';
  stave.setVoltaType(own.ends ? closed : open, number, down);
}

function connect(
  context: RenderContext,
  part: ScorePart,
  staves: readonly Stave[],
  isFirst: boolean,
): void {
  const [upper, lower] = [staves[0], staves.at(-1)];
  if (!upper || !lower || upper === lower) return;
  const brace = part.staves.includes('bass') ? (['brace'] as const) : [];
  const left = isFirst ? (['singleLeft', ...brace] as const) : [];
  for (const type of [...left, 'singleRight'] as const) {
    new StaveConnector(upper, lower).setType(type).setContext(context).draw();
  }
}
