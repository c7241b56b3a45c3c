import { formatHeader } from './header';
import { formatMeter } from './meter';
import { slotText } from './slot';
import type { Bar, Chart } from './types';

/**
 * Writes a chart as text: what `parseChart` read comes back with its lines, labels and symbols as
 * typed, evenly spaced. `parseChart(formatChart(chart))` gives the same chart.
 */
export function formatChart(chart: Chart): string {
  let text = formatHeader(chart.header).join('\n');
  /** True after a bar whose closing line also opens the next one. */
  let lineIsOpen = false;
  const append = (lineBreaks: number, piece: string): void => {
    const separator = lineBreaks ? '\n'.repeat(lineBreaks) : lineIsOpen ? '' : ' ';
    text += (text ? separator : '') + piece;
  };
  for (const section of chart.sections) {
    if (section.name !== undefined) append(section.lineBreaks, `[${section.name}]`);
    section.bars.forEach((bar, index) => {
      const next = section.bars[index + 1];
      const opening = lineIsOpen ? '' : bar.repeatStart ? '|:' : '|';
      const sharesLine = next !== undefined && next.lineBreaks === 0;
      const closing = `${bar.repeatEnd ? ':' : ''}|${sharesLine && next.repeatStart ? ':' : ''}`;
      append(bar.lineBreaks, `${opening}${formatBar(bar)}${closing}`);
      lineIsOpen = sharesLine;
    });
  }
  return text;
}

function formatBar(bar: Bar): string {
  const ending = bar.ending === undefined ? '' : `(${bar.ending}`;
  const words = (bar.words ?? []).map((each) => `"${each}"`);
  const meter = bar.meter ? [formatMeter(bar.meter)] : [];
  return `${ending} ${[...words, ...meter, ...bar.slots.map(slotText)].join(' ')} `;
}
