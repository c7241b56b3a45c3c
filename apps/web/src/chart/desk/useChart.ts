import type { Chart, ParsedChart, Timeline } from '@drop-close/core';
import { chartOf } from '../../document/reading';
import { useDocument, useStoredTune, useTune } from '../../document/store';

export interface ChartInHand extends ParsedChart {
  readonly time: Timeline;
}

/** The chart on the desk, read at once: the sheet is written in and must not lag behind the hand. */
export function useChart(): ChartInHand {
  const parsed = chartOf(useStoredTune());
  const { timeline: time } = useTune().positions;
  return { ...parsed, time };
}

/** Edits the chart on the desk as it is now, not as it was when a field was opened. */
export function editChart(edit: (chart: Chart) => Chart): Chart | undefined {
  const { history, dispatch } = useDocument.getState();
  if (!history) return undefined;
  const { chart } = chartOf(history.present);
  const next = edit(chart);
  if (next !== chart) dispatch({ type: 'edit chart', chart: next });
  return next;
}
