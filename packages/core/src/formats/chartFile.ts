import { formatHeader } from '../chart/header';
import { parseMeter } from '../chart/meter';
import { parseChart } from '../chart/parseChart';
import type { Feel } from '../chart/types';

/** A tune as it is stored. */
interface ChartFileTune {
  readonly title: string;
  /** The changes as typed. */
  readonly text: string;
  /** `Eb` or `Cm`. */
  readonly key: string;
  /** `4/4`. */
  readonly meter: string;
  /** In quarter notes a minute. */
  readonly tempo: number;
  readonly feel: Feel;
}

/**
 * A tune as a text file: the changes as they were typed, under all that is said of them elsewhere. Read again it is the same
 * tune.
 */
export function chartFile({ title, text, key, meter, tempo, feel }: ChartFileTune): string {
  const read = parseMeter(meter);
  const { header } = parseChart(text, read).chart;
  const said = { title, key, tempo, feel, ...(read && { meter: read }) };
  const missing = Object.fromEntries(
    Object.entries(said).filter(([name]) => header[name as keyof typeof header] === undefined),
  );
  const lines = formatHeader(missing);
  return `${[...lines, text.trim()].join('\n')}\n`;
}
