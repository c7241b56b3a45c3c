import { prettyDegree } from '@drop-close/core';
import { prettyNumber } from '../../ui/notation';
import { symbolParts } from '../../ui/symbol';
import { xAt } from './makeRoom';
import { ROW, type Remark } from './remarks';
import type { DrawnMeasure, SystemPlace } from './types';

const SVG = 'http://www.w3.org/2000/svg';
/** Over the staff, in pixels: chords, or over what is higher; sections over those. */
const CHORD_UP = 14;
const CLEAR = 13;
const SECTION_UP = 19;
/** Over the foot of the system. */
const NUMBERS_UP = 8;
/** Under the upper line of the staff, or under what is lower. */
const DEGREES_DOWN = 76;
const UNDER_NOTES = 18;

/** Chords at their time, sections, remarks and the number of the first bar, over the staff of a line. */
export function drawOver(
  svg: SVGElement,
  drawn: readonly DrawnMeasure[],
  remarks: readonly Remark[],
  { top, height }: SystemPlace,
  symbolOf: (symbol: string) => string,
): void {
  const highest = Math.min(...drawn.map((each) => each.highest));
  const line = Math.min(top - CHORD_UP, highest - CLEAR);
  const lowest = Math.max(...drawn.map((each) => each.lowest));
  const degreeLine = Math.max(top + DEGREES_DOWN, lowest + UNDER_NOTES);
  drawn.forEach(({ measure, stave, spots, degrees }, at) => {
    for (const { at: time, chord, number } of measure.chords) {
      const x = xAt(spots, time);
      svg.append(symbolText(symbolOf(chord.symbol), x, line));
      if (number !== undefined) {
        svg.append(text(x, height - NUMBERS_UP, prettyNumber(number), 'sheet-numeral'));
      }
    }
    for (const { x, degree } of degrees) {
      svg.append(text(x, degreeLine, prettyDegree(degree), 'sheet-degree'));
    }
    const left = at === 0 ? 0 : stave.getX() + 2;
    const { section } = measure;
    if (section !== undefined) svg.append(text(left, line - SECTION_UP, section, 'sheet-section'));
    if (at === 0 && measure.number > 1) {
      svg.append(text(0, top - 4, String(measure.number), 'sheet-number'));
    }
  });
  for (const { x, rows } of remarks) {
    rows.forEach((words, at) => {
      const y = line - SECTION_UP - (rows.length - 1 - at) * ROW;
      svg.append(text(x, y, words, 'sheet-words'));
    });
  }
}

function text(x: number, y: number, words: string, name: string): SVGTextElement {
  const node = document.createElementNS(SVG, 'text');
  node.setAttribute('x', String(x));
  node.setAttribute('y', String(y));
  node.setAttribute('class', name);
  node.textContent = words;
  return node;
}

/** A symbol set in type: what stands higher is smaller. */
function symbolText(symbol: string, x: number, y: number): SVGTextElement {
  const { root, quality, raised, bass } = symbolParts(symbol);
  const node = text(x, y, root + quality, 'sheet-symbol');
  const part = (words: string, name: string, dy: number): void => {
    const span = document.createElementNS(SVG, 'tspan');
    span.setAttribute('class', name);
    span.setAttribute('dy', String(dy));
    span.textContent = words;
    node.append(span);
  };
  if (raised) part(raised, 'sheet-raised', -RAISED);
  if (bass !== undefined) part(`/${bass}`, 'sheet-bass', raised ? RAISED : 0);
  return node;
}
const RAISED = 6;
