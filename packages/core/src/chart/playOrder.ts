import type { Bar, Chart } from './types';

/** A bar of the chorus as played. */
export interface PlayedBar {
  readonly bar: Bar;
  /** Position among the written bars, from 0. */
  readonly written: number;
  /** Name of the section, where one begins here. */
  readonly section?: string;
}

/** Guards against charts whose repeats multiply without end. */
export const MOST_PLAYED_BARS = 2000;

/**
 * Writes repeats out. From a repeat end the chorus goes back to the nearest repeat start (or the
 * beginning, or the end of the repeat before); on pass n the bars of other endings are left out, and
 * it goes back as often as there are endings, once where there are none.
 */
export function playOrder(chart: Chart): PlayedBar[] {
  const bars = written(chart);
  const played: PlayedBar[] = [];
  let start = 0;
  let pass = 1;
  for (let at = 0; at < bars.length && played.length < MOST_PLAYED_BARS; at += 1) {
    const current = bars[at] as PlayedBar;
    if (current.bar.repeatStart && at !== start) {
      start = at;
      pass = 1;
    }
    if (current.bar.ending !== undefined && current.bar.ending !== pass) {
      const wanted = endingAt(bars, at, pass);
      if (wanted === undefined) continue;
      at = wanted;
    }
    const now = bars[at] as PlayedBar;
    played.push(now);
    if (!now.bar.repeatEnd) continue;
    if (pass < passesOf(bars, start, at)) {
      pass += 1;
      at = start - 1;
    } else {
      start = at + 1;
      pass = 1;
    }
  }
  return played;
}

function written(chart: Chart): PlayedBar[] {
  let position = 0;
  return chart.sections.flatMap((section) =>
    section.bars.map((bar, index) => {
      const played = { bar, written: position++ };
      return index === 0 && section.name !== undefined
        ? { ...played, section: section.name }
        : played;
    }),
  );
}

/** The bar at or after `from` where the ending of this pass begins. */
function endingAt(bars: readonly PlayedBar[], from: number, pass: number): number | undefined {
  const found = bars.findIndex((item, index) => index >= from && item.bar.ending === pass);
  return found < 0 ? undefined : found;
}

/** As many passes as the highest ending of this repeat, at least two. */
function passesOf(bars: readonly PlayedBar[], start: number, end: number): number {
  let highest = 2;
  for (let at = start; at < bars.length; at += 1) {
    const { bar } = bars[at] as PlayedBar;
    if (at > end && (bar.repeatStart || bar.ending === undefined)) break;
    highest = Math.max(highest, bar.ending ?? 0);
  }
  return highest;
}
