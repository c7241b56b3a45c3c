import {
  formatChart,
  parseChart,
  parseMeter,
  timeline,
  type Chart,
  type ParsedChart,
  type Timeline,
} from '@drop-close/core';
import { useMemo } from 'react';
import { useDocument, useTune } from '../document/store';
import type { TuneDocument } from '../document/types';

export interface WrittenChart extends ParsedChart {
  readonly time: Timeline;
}

/** The changes of a document as a chart, in the key of the tune where they name none. */
const chartOf = ({ text, meter }: TuneDocument): ParsedChart => parseChart(text, parseMeter(meter));

/** The chart on the desk, read at once: the sheet is written in and must not lag behind the hand. */
export function useChart(): WrittenChart {
  const { text, meter } = useTune();
  return useMemo(() => {
    const parsed = parseChart(text, parseMeter(meter));
    return { ...parsed, time: timeline(parsed.chart) };
  }, [text, meter]);
}

/** Edits the chart on the desk as it is now, not as it was when a field was opened. */
export function editChart(edit: (chart: Chart) => Chart): Chart | undefined {
  const { history, dispatch } = useDocument.getState();
  if (!history) return undefined;
  const { chart } = chartOf(history.present);
  const next = edit(chart);
  if (next !== chart) dispatch({ type: 'edit chart', text: formatChart(next) });
  return next;
}
