import { insertBar, slotText, writeBar, writtenBars, type Chart } from '@drop-close/core';
import type { Cursor } from './cursor';

const wordsOf = (chart: Chart, bar: number): string[] =>
  (writtenBars(chart)[bar]?.slots ?? []).map(slotText);

/**
 * The chart with a word written at the cursor. An empty word takes the slot away, or holds the chord
 * before where it is the only one of its bar; one past the last bar it makes a new bar.
 */
export function writeAt(chart: Chart, { bar, slot, fresh }: Cursor, word: string): Chart {
  const text = word.trim();
  if (bar >= writtenBars(chart).length) return text ? insertBar(chart, bar, [text]) : chart;
  const words = wordsOf(chart, bar);
  const kept = text ? [text] : [];
  const after = [...words.slice(0, slot), ...kept, ...words.slice(fresh ? slot : slot + 1)];
  return words.join(' ') === after.join(' ') ? chart : writeBar(chart, bar, after);
}
