import { MOST_CHORDS, MOST_PLAYED_BARS } from './limits';
import { timeline } from './timeline';
import type { Chart } from './types';

/**
 * Repeats can make a chart of many times its written length: the written bar, from 0, before which the
 * chorus ends, and why; `undefined` where it is played to its end.
 */
export function beyondLongest(chart: Chart): { bar: number; message: string } | undefined {
  const bar = canBeTooLong(chart) ? timeline(chart).cutAt : undefined;
  if (bar === undefined) return undefined;
  const most = `${MOST_PLAYED_BARS} bars or ${MOST_CHORDS} chords`;
  const message = `With its repeats this is more than ${most}; the chorus ends before this bar.`;
  return { bar, message };
}

/** Whether a chart could go beyond what is played, so that its way has to be followed to the end. */
function canBeTooLong({ sections }: Chart): boolean {
  const bars = sections.flatMap((section) => section.bars);
  const endings = Math.max(...bars.map(({ ending = 0 }) => ending), 0);
  const fullest = Math.max(...bars.map(({ slots }) => slots.length), 0);
  // A jump back goes through the chart once more.
  const times = Math.max(2, endings) + 1;
  return bars.length * times > MOST_PLAYED_BARS || bars.length * times * fullest > MOST_CHORDS;
}
